import type { ReadCatalogue } from "./use-catalogue-import.ts";

const shownFaults = 300;

/** The faults of a catalogue, each with file, row and field. */
export function FaultList({ faults, names }: Pick<ReadCatalogue, "faults" | "names">) {
  return (
    <div role="alert">
      <p className="mb-1">
        <strong className="text-fails">
          {faults.length} {faults.length === 1 ? "fault" : "faults"}
        </strong>{" "}
        in {names}; nothing is imported.
      </p>
      <div className="max-h-72 overflow-auto border border-rule">
        <table className="w-full text-left text-[12px]">
          <thead className="text-dim">
            <tr>
              <th className="px-1 font-normal">file</th>
              <th className="px-1 text-right font-normal">row</th>
              <th className="px-1 font-normal">field</th>
              <th className="px-1 font-normal">what is wrong</th>
            </tr>
          </thead>
          <tbody>
            {faults.slice(0, shownFaults).map(({ file, row, field, reason }) => (
              <tr
                key={`${file} ${row} ${field} ${reason}`}
                className="border-t border-rule/60 align-baseline"
              >
                <td className="px-1">{file}</td>
                <td className="figures px-1 text-right">{row ?? "–"}</td>
                <td className="px-1 break-words">{field}</td>
                <td className="px-1">{reason}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {faults.length > shownFaults && <p className="text-dim">and {faults.length - shownFaults} more</p>}
    </div>
  );
}
