import type { ColumnPlan, Pair } from "@proven-seat/core/duty/line-list";
import { useState } from "react";
import type { ListView } from "../../workers/list-api.ts";

interface Props {
  view: ListView;
  plan: readonly ColumnPlan[];
  onDecide: (key: string, pair: Pair) => void;
}

function Rename({ number, onRename }: { number: string; onRename: (number: string) => void }) {
  const [typed, setTyped] = useState(`${number}B`);
  return (
    <form
      className="inline-flex items-center gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        if (typed.trim() !== "") onRename(typed.trim());
      }}
    >
      <input
        className="field w-28! border-b-rule!"
        aria-label={`Another number for ${number}`}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <button type="submit" className="quiet underline">
        rename
      </button>
    </form>
  );
}

/** Contradicting rows of one tag, side by side where they differ. */
export function Pairs({ view, plan, onDecide }: Props) {
  const pairs = view.pairs.filter(({ rows }) => rows.every((row) => view.cells[row])).slice(0, 50);
  if (pairs.length === 0) return null;
  return (
    <section aria-label="Duplicate tags">
      <h2 className="mt-4 text-fails">
        {view.pairs.length} {view.pairs.length === 1 ? "tag occurs" : "tags occur"} twice with differences
      </h2>
      {pairs.map(({ key, number, rows }) => {
        const differing = plan.flatMap(({ heading }, index) =>
          new Set(rows.map((row) => String(view.cells[row]![index] ?? ""))).size > 1
            ? [{ heading, at: index }]
            : [],
        );
        return (
          <div key={key} className="mt-2 border-b border-rule/60 pb-2">
            <p className="flex flex-wrap items-center gap-3">
              <strong>{number}</strong>
              <button type="button" className="act" onClick={() => onDecide(key, { take: "join" })}>
                Join as cases
              </button>
              <span className="text-dim">as row {rows[0]} has it, with the conditions of the others</span>
            </p>
            <table className="mt-1 text-left">
              <thead className="text-dim">
                <tr>
                  <th className="pr-4 font-normal">row</th>
                  {differing.map(({ heading, at }) => (
                    <th key={at} className="pr-4 font-normal">
                      {heading}
                    </th>
                  ))}
                  <th className="font-normal">decide</th>
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row}>
                    <td className="figures pr-4">{row}</td>
                    {differing.map(({ at }) => (
                      <td key={at} className="pr-4">
                        {view.cells[row]![at] ?? ""}
                      </td>
                    ))}
                    <td className="whitespace-nowrap">
                      <button
                        type="button"
                        className="quiet underline"
                        onClick={() => onDecide(key, { take: "row", row })}
                      >
                        use this one
                      </button>{" "}
                      {row !== rows[0] && (
                        <Rename
                          number={number}
                          onRename={(other) => onDecide(key, { take: "rename", row, number: other })}
                        />
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        );
      })}
    </section>
  );
}
