import { figure } from "@proven-seat/core/basis/units";
import type { FittingLine } from "@proven-seat/core/judgement/proof";

/** Why nothing is there, in a word. */
const none = ({ byStroke, fit }: FittingLine) =>
  fit === 0 ? "none of the shelf does" : byStroke ? "not needed" : "–";

function Refused({ refused }: Pick<FittingLine, "refused">) {
  if (refused.length === 0) return null;
  return (
    <details className="text-dim">
      <summary className="cursor-pointer">why others do not</summary>
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

/** What stands on the drive, what was looked for, and why the rest of the shelf does not do. */
export function FittingsTable({ fittings }: { fittings: readonly FittingLine[] }) {
  if (fittings.length === 0)
    return <p className="mt-3 text-dim">No accessories are on the shelf; the house's numbers are taken.</p>;
  return (
    <table className="mt-3 w-full border-collapse text-left">
      <caption className="pb-1 text-left">
        On the drive <span className="text-dim">the cheapest of the shelf that does</span>
      </caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="font-normal">looked for</th>
          <th className="font-normal">taken</th>
          <th className="text-right font-normal">price</th>
          <th className="text-right font-normal">that do</th>
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
