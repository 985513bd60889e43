import { figure } from "@proven-seat/core/basis/units";
import type { FittingLine } from "@proven-seat/core/judgement/proof";

/** Why nothing is there, in a word. */
const none = ({ byStroke, fit }: FittingLine) =>
  fit === 0 ? "none on the shelf is suitable" : byStroke ? "not needed" : "–";

function Refused({ refused }: Pick<FittingLine, "refused">) {
  if (refused.length === 0) return null;
  return (
    <details className="text-dim">
      <summary className="cursor-pointer">why others are unsuitable</summary>
      <ul>
        {refused.map(({ who, why }) => (
          <li key={why}>
            {who} {why}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Accessories of the actuator, what was needed, and why other items of the shelf do not fit. */
export function FittingsTable({ fittings }: { fittings: readonly FittingLine[] }) {
  if (fittings.length === 0)
    return <p className="mt-3 text-dim">The shelf has no accessories. The house rules apply.</p>;
  return (
    <table className="mt-3 w-full border-collapse text-left">
      <caption className="pb-1 text-left">
        Accessories <span className="text-dim">the least expensive suitable item on the shelf</span>
      </caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="font-normal">required</th>
          <th className="font-normal">selected</th>
          <th className="text-right font-normal">price</th>
          <th className="text-right font-normal">suitable</th>
        </tr>
      </thead>
      <tbody>
        {fittings.map((line) => (
          <tr key={line.kind} className="border-b border-rule/60 align-top">
            <td>
              {line.kind}, <span className="text-dim">{line.wanted}</span>
            </td>
            <td>
              {line.mounted
                ? `${line.pieces > 1 ? `${line.pieces} × ` : ""}${line.mounted.maker} ${line.mounted.item}`
                : none(line)}
              <Refused refused={line.refused} />
            </td>
            <td className="figures text-right">{line.mounted ? figure(line.mounted.price) : "–"}</td>
            <td className="figures text-right">{line.fit}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
