import { lineListField, type UnknownValue } from "@proven-seat/core/duty/line-list";
import { useState } from "react";

const optionsOf = (field: string): readonly string[] => {
  const holds = lineListField(field)?.holds;
  if (holds?.kind === "choice" || holds?.kind === "set" || holds?.kind === "substance") return holds.options;
  return holds?.kind === "yes-no" ? ["yes", "no"] : [];
};

function ReadAs({ unknownValue, onMend }: { unknownValue: UnknownValue; onMend: (as: string) => void }) {
  const [typed, setTyped] = useState("");
  const options = optionsOf(unknownValue.field);
  const label = `${unknownValue.value} in ${unknownValue.column} is read as`;
  if (options.length > 0)
    return (
      <select
        className="field w-56! border-b-rule!"
        aria-label={label}
        value=""
        onChange={(e) => onMend(e.target.value)}
      >
        <option value="" disabled>
          choose …
        </option>
        {options.map((option) => (
          <option key={option}>{option}</option>
        ))}
        <option value="n/a">not stated</option>
      </select>
    );
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (typed.trim() !== "") onMend(typed.trim());
      }}
    >
      <input
        className="field w-40! border-b-rule!"
        aria-label={label}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <button type="submit" className="quiet underline" disabled={typed.trim() === ""}>
        apply
      </button>
      <button type="button" className="quiet underline" onClick={() => onMend("n/a")}>
        not stated
      </button>
    </form>
  );
}

/** Values that are not understood, once for all their rows. */
export function UnknownValues({
  list,
  onMend,
}: {
  list: readonly UnknownValue[];
  onMend: (unknown: UnknownValue, as: string) => void;
}) {
  if (list.length === 0) return null;
  return (
    <section aria-label="Values not understood">
      <h2 className="mt-4 text-fails">
        {list.length} {list.length === 1 ? "value is" : "values are"} not understood
      </h2>
      <p className="text-dim">
        Your choice applies to every row and is remembered for lists with the same headings.
      </p>
      <table className="mt-1 text-left">
        <thead className="text-dim">
          <tr>
            <th className="pr-6 font-normal">value</th>
            <th className="pr-6 font-normal">column</th>
            <th className="pr-6 text-right font-normal">rows</th>
            <th className="pr-6 font-normal">is read as</th>
            <th className="font-normal">reason</th>
          </tr>
        </thead>
        <tbody>
          {list.map((choice) => (
            <tr key={`${choice.column}|${choice.value}`} className="border-b border-rule/60">
              <td className="max-w-56 truncate py-0.5 pr-6 font-semibold" title={choice.value}>
                {choice.value}
              </td>
              <td className="pr-6">{choice.column}</td>
              <td className="figures pr-6 text-right" title={`rows ${choice.rows.slice(0, 20).join(", ")}`}>
                {choice.rows.length}
              </td>
              <td className="pr-6">
                <ReadAs unknownValue={choice} onMend={(as) => onMend(choice, as)} />
              </td>
              <td className="text-[12px] text-dim">{choice.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
