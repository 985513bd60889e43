import { figureText } from "@proven-seat/core/basis/units";
import {
  type BoltingToFind,
  boltingGrades,
  type FoundBolting,
  type Said,
  threadNames,
  tighteningFound,
} from "@proven-seat/core/outcome/shop";
import { useId } from "react";
import { create } from "zustand";
import { persist } from "zustand/middleware";
import { useUnits } from "../../app/reading.ts";

type Typed = { readonly [Field in keyof FoundBolting]: string };
const nothing: Typed = { thread: "", grade: "", bolts: "" };

interface Kept {
  /** By tag and step, as typed. */
  readonly found: Readonly<Record<string, Typed>>;
  readonly keep: (place: string, typed: Typed) => void;
}

/** Bolting as found, stored on this device until it is written into the job. */
const useFound = create<Kept>()(
  persist(
    (set) => ({
      found: {},
      keep: (place, typed) => set(({ found }) => ({ found: { ...found, [place]: typed } })),
    }),
    { name: "proven-seat-shop-bolting" },
  ),
);

function Choice({
  label,
  value,
  among,
  wrong,
  onChoose,
}: {
  label: string;
  value: string;
  among: readonly string[];
  /** Id of the message that says what is wrong with it. */
  wrong: string | undefined;
  onChoose: (value: string) => void;
}) {
  return (
    <label className="grid gap-1">
      <span className="text-[14px] text-dim">{label}</span>
      <select
        className="field min-h-11 border border-rule px-2"
        value={value}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong}
        onChange={(e) => onChoose(e.target.value)}
      >
        <option value="">not read</option>
        {among.map((name) => (
          <option key={name}>{name}</option>
        ))}
      </select>
    </label>
  );
}

/** Thread, grade and count of a joint that no catalogue states, and the torque computed from them. */
export function BoltingAsFound({
  toFind,
  step,
  tagId,
  closed,
  onSay,
}: {
  toFind: BoltingToFind;
  step: string;
  tagId: string;
  closed: boolean;
  onSay: (said: Said) => boolean;
}) {
  const units = useUnits();
  const message = useId();
  const place = `${tagId} ${step}`;
  const typed = useFound(({ found }) => found[place] ?? nothing);
  const keep = (change: Partial<Typed>) => useFound.getState().keep(place, { ...typed, ...change });
  const complete = Object.values(typed).every((text) => text.trim() !== "");
  const found = { thread: typed.thread, grade: typed.grade, bolts: Number(typed.bolts.trim()) };
  const result = complete ? tighteningFound(toFind, found) : null;
  const wrong = (field: keyof Typed) => (result?.fault?.field === field ? message : undefined);
  const shown = result?.figures.map(({ what, value, unit }) => ({
    what,
    text: figureText(value, unit, units),
  }));
  const write = () =>
    onSay({
      kind: "note",
      step,
      text: [
        `Bolting as found: ${found.bolts} × ${found.thread}, ${found.grade}, in one joint.`,
        ...shown!.map(({ what, text }) => `${what}: ${text}.`),
      ].join(" "),
    });
  return (
    <section aria-label="Bolting as found" className="grid gap-2 border-l-4 border-rule pl-4 text-[16px]">
      <h3 className="font-semibold">Bolting as found, in one joint</h3>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="thread"
          value={typed.thread}
          among={threadNames}
          wrong={wrong("thread")}
          onChoose={(thread) => keep({ thread })}
        />
        <Choice
          label="grade, from the mark"
          value={typed.grade}
          among={boltingGrades}
          wrong={wrong("grade")}
          onChoose={(grade) => keep({ grade })}
        />
        <label className="grid gap-1">
          <span className="text-[14px] text-dim">studs of one joint</span>
          <input
            className="field min-h-11 w-24 border border-rule px-2"
            inputMode="numeric"
            value={typed.bolts}
            aria-invalid={wrong("bolts") !== undefined}
            aria-describedby={wrong("bolts")}
            onChange={(e) => keep({ bolts: e.target.value })}
          />
        </label>
        {shown !== undefined && shown.length > 0 && !closed && (
          <button type="button" className="act min-h-11" onClick={write}>
            Write into the job
          </button>
        )}
      </div>
      {result?.fault && (
        <p id={message} role="alert" className="text-fails">
          {result.fault.reason}
        </p>
      )}
      {shown !== undefined && shown.length > 0 && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" aria-live="polite">
          {shown.map(({ what, text }) => (
            <div key={what} className="contents">
              <dt className="text-dim">{what}</dt>
              <dd className="figures text-[16px]">{text}</dd>
            </div>
          ))}
        </dl>
      )}
      {result?.cautions.map((caution) => (
        <p key={caution} className="border-l-4 border-tight pl-3">
          <strong>Caution.</strong> {caution}
        </p>
      ))}
    </section>
  );
}
