import { caseKindDescriptions } from "@proven-seat/core/duty";
import { useRef } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { entryOf } from "../../parts/field-place.ts";
import { KeyHint } from "../../parts/key-hint.tsx";
import { SheetDialog } from "../../parts/sheet-dialog.tsx";
import { useAddCase } from "./adding-case.ts";

/** Adds an operating case of a kind, started with its usual values. */
export function AddCase() {
  const { open, set } = useAddCase();
  const added = useRef("");
  const used = useBench((s) => s.content!.duty.cases);
  return (
    <>
      <button type="button" className="quiet" onClick={() => set(true)}>
        add case
        <KeyHint shortcut="a" />
      </button>
      <SheetDialog
        open={open}
        onClose={() => set(false)}
        title="Add a case"
        made={() => entryOf(added.current)}
        says="Each kind starts with typical values. Correct them for your line."
      >
        <ul
          aria-label="Kinds of case"
          onKeyDown={(event) => {
            const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
            if (!step) return;
            event.preventDefault();
            const buttons = [...event.currentTarget.querySelectorAll("button")];
            const index = buttons.indexOf(document.activeElement as HTMLButtonElement);
            buttons[(index + step + buttons.length) % buttons.length]!.focus();
          }}
        >
          {caseKindDescriptions.map(({ kind, means }) => (
            <li key={kind} className="border-b border-rule/60">
              <button
                type="button"
                className="grid w-full grid-cols-[9rem_minmax(0,1fr)] px-1 py-1 text-left hover:bg-second"
                onClick={() => {
                  added.current = `cases.${used.length}.upstreamBarG`;
                  useBench.getState().addCase(kind);
                  set(false);
                }}
              >
                <span className={used.some((c) => c.kind === kind) ? "" : "font-semibold"}>{kind}</span>
                <span className="text-[12px] text-dim">{means}</span>
              </button>
            </li>
          ))}
        </ul>
      </SheetDialog>
    </>
  );
}
