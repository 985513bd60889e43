import { type Drift, driftOutcomes } from "@proven-seat/contract";
import type { DriftOutcome } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { BoreMark } from "../../parts/bore-mark.tsx";

/** How each outcome reads in the list. */
const words: Record<DriftOutcome, string> = {
  "cannot be proved": "can no longer be proved",
  "verdict changed": "verdict changed",
  "figures moved": "figures moved",
  same: "same",
};

/** A row of either list: its record, and its drift. */
export interface Row {
  readonly id: string;
  readonly name: string;
  readonly outcome: DriftOutcome;
  readonly was: Verdict;
  readonly now: Verdict | null;
  readonly says: string;
}

interface Props {
  readonly title: string;
  readonly counts: Drift["tags"]["counts"];
  readonly unproved: number;
  readonly rows: readonly Row[];
  /** Text where there is nothing to compare. */
  readonly nothing: string;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** Sheets or tags whose result changed, worst first, below the count of each outcome. */
export function DriftList({ title, counts, unproved, rows, nothing, picked, onPick }: Props) {
  const total = driftOutcomes.reduce((sum, outcome) => sum + counts[outcome], 0);
  const listed = total - counts.same;
  return (
    <section aria-label={title} className="mb-5">
      <h2 className="mb-0.5">{title}</h2>
      <p className="mb-1 text-dim">
        {total === 0
          ? nothing
          : driftOutcomes
              .filter((outcome) => counts[outcome] > 0)
              .map((outcome) => `${counts[outcome]} ${words[outcome]}`)
              .join(" · ")}
        {unproved > 0 && total > 0 && ` · ${unproved} not proved yet`}
      </p>
      <ul>
        {rows.map((row) => (
          <li key={row.id}>
            <button
              type="button"
              className={`grid w-full grid-cols-[7.5rem_18px_1rem_18px_minmax(0,1fr)] items-center gap-x-1 border-b border-rule/60 py-[3px] text-left ${row.id === picked ? "bg-second" : ""}`}
              data-drifted={row.id}
              aria-pressed={row.id === picked}
              onClick={() => onPick(row.id)}
            >
              <span className="truncate font-semibold" title={row.name}>
                {row.name}
              </span>
              <BoreMark verdict={row.was} />
              <span aria-hidden="true">→</span>
              {row.now === null ? (
                <span title="can no longer be proved" className="text-center text-cannot">
                  ✕
                </span>
              ) : (
                <BoreMark verdict={row.now} />
              )}
              <span className="truncate text-[12px]" title={row.says}>
                <span className={row.outcome === "figures moved" ? "text-dim" : "font-medium"}>
                  {words[row.outcome]}
                </span>
                <span className="text-dim">{row.says && `: ${row.says}`}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {rows.length < listed && (
        <p className="mt-1 text-dim">
          The worst {rows.length} of {listed} are listed.
        </p>
      )}
    </section>
  );
}
