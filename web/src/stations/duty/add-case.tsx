import { caseKindDescriptions } from "@proven-seat/core/duty";
import { DropdownMenu } from "radix-ui";
import { create } from "zustand";
import { useBench } from "../../bench/bench-store.ts";
import { KeyHint } from "../../parts/key-hint.tsx";

/** Opened from the panel, from the empty table and by key. */
export const useAddCase = create<{ open: boolean; set: (open: boolean) => void }>()((set) => ({
  open: false,
  set: (open) => set({ open }),
}));

/** Adds an operating case of a kind, started with what the kind usually means. */
export function AddCase() {
  const { open, set } = useAddCase();
  const used = useBench((s) => s.content!.duty.cases);
  return (
    <DropdownMenu.Root open={open} onOpenChange={set}>
      <DropdownMenu.Trigger className="quiet">
        add case
        <KeyHint>A</KeyHint>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          className="z-20 max-h-[70vh] w-80 overflow-auto border border-ink bg-paper p-1"
          aria-label="Kinds of case"
        >
          {caseKindDescriptions.map(({ kind, means }) => (
            <DropdownMenu.Item
              key={kind}
              className="cursor-pointer px-2 py-1 outline-none data-[highlighted]:bg-second"
              onSelect={() => useBench.getState().addCase(kind)}
            >
              <span className={used.some((c) => c.kind === kind) ? "" : "font-semibold"}>{kind}</span>
              <span className="block text-[12px] text-dim">{means}</span>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
