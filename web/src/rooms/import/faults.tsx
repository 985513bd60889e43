import type { LineListFault } from "@proven-seat/core/line-list";

const shownFaults = 200;

/** What is wrong with a list, row by row. */
export function Faults({ faults }: { faults: readonly LineListFault[] }) {
  return (
    <section aria-label="Faults" className="mt-3">
      <h2 className="text-fails">
        {faults.length} {faults.length === 1 ? "fault" : "faults"}: nothing is imported until all are mended
      </h2>
      <table className="mt-1 text-left">
        <thead className="text-dim">
          <tr>
            <th className="pr-6 font-normal">row</th>
            <th className="pr-6 font-normal">column</th>
            <th className="font-normal">what is wrong</th>
          </tr>
        </thead>
        <tbody>
          {faults.slice(0, shownFaults).map((f) => (
            <tr key={`${f.row}${f.column}${f.reason}`}>
              <td className="figures pr-6">{f.row}</td>
              <td className="pr-6">{f.column}</td>
              <td>{f.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {faults.length > shownFaults && <p className="text-dim">and {faults.length - shownFaults} more</p>}
    </section>
  );
}
