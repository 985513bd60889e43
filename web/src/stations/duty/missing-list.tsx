import { figureText } from "@proven-seat/core/basis/units";
import type { Missing } from "@proven-seat/core/duty";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswers } from "../../bench/answers.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { enterField } from "../../parts/field-place.ts";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import type { BenchView } from "../../workers/bench-view.ts";

/** Number of candidates that change if an assumption is wrong; asked one by one, each with a proof of its own. */
function useEffects({ proof, missing }: BenchView): Readonly<Record<string, number | undefined>> {
  const fields = missing.filter((m) => m.assumption !== null).map((m) => m.field);
  const { answers } = useAnswers(
    proof,
    "effect",
    fields.map((field) => [field] as const),
    { pause: 300, keep: false },
  );
  return Object.fromEntries(fields.map((field, index) => [field, answers[index]]));
}

const assumed = ({ words, value, unit }: NonNullable<Missing["assumption"]>, units: ReadingUnits) =>
  [words, value === null ? "" : figureText(value, unit, units)].filter(Boolean).join(", ");

function Item({ missing: m, effect }: { missing: Missing; effect: number | undefined }) {
  const units = useUnits();
  return (
    <li className="flex gap-2">
      <span className="mt-0.5">
        <BoreMark verdict={m.assumption === null ? "cannot tell" : "not asked"} label={false} />
      </span>
      <span>
        <button
          type="button"
          className="text-left font-semibold hover:underline"
          title="Enter it"
          onClick={() => enterField(m.field)}
        >
          {m.label}
        </button>
        :{" "}
        {m.assumption === null ? (
          <span className="text-cannot">not known and not assumed.</span>
        ) : (
          <>{assumed(m.assumption, units)} assumed.</>
        )}{" "}
        <span className="text-dim">{m.why}</span>
        {effect !== undefined && effect > 0 && (
          <span className="text-tight">
            {" "}
            Otherwise {effect} {effect === 1 ? "valve changes its verdict" : "valves change their verdict"}.
          </span>
        )}
        {effect === 0 && <span className="text-dim"> No verdict depends on it here.</span>}
      </span>
    </li>
  );
}

/** Missing values of the duty, what depends on them and what is assumed: the most important first. */
const MissingList = memo(function MissingList({ view }: { view: BenchView }) {
  const effects = useEffects(view);
  const { missing } = view;
  const stops = missing.filter((m) => m.assumption === null).length;
  if (missing.length === 0) return <p className="text-dim">The duty is complete: nothing is assumed.</p>;
  const weight = (m: Missing) =>
    m.assumption === null ? Number.POSITIVE_INFINITY : (effects[m.field] ?? -1);
  const ordered = [...missing].sort(
    (a, b) => weight(b) - weight(a) || missing.indexOf(a) - missing.indexOf(b),
  );
  return (
    <>
      <p className="mb-2 text-dim">
        {stops > 0 ? `${stops} must be entered, ` : ""}
        {missing.length - stops} assumed for now
      </p>
      <ul className="grid gap-2">
        {ordered.map((m) => (
          <Item key={m.field} missing={m} effect={effects[m.field]} />
        ))}
      </ul>
    </>
  );
});

export default MissingList;
