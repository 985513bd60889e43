import type { JobRow } from "@proven-seat/contract";
import { jobTitles } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { when } from "../../parts/dates.ts";
import { addressOfJob } from "./job-address.ts";

/** How far a job is: a share of its steps, or that it is done. */
function Progress({ job }: { job: JobRow }) {
  if (job.finishedAt !== null) return <>finished {when(job.finishedAt)}</>;
  if (job.steps === 0) return <>trace in progress</>;
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden className="h-2 w-20 border border-rule">
        <span className="block h-full bg-ink" style={{ width: `${(100 * job.done) / job.steps}%` }} />
      </span>
      <span className="figures">
        {job.done} of {job.steps}
      </span>
    </span>
  );
}

/** Rows drawn before the user asks for all. */
const mostAtOnce = 100;

/** The same width in both lists. */
const columns = [
  ["tag", "w-28"],
  ["work", "w-32"],
  ["service and valve", ""],
  ["progress", "w-48"],
  ["deviations", "w-28"],
  ["last", "w-60"],
] as const;

/** Jobs as rows, each leading to its own. */
export function JobsList({
  title,
  rows,
  nothing,
}: {
  title: string;
  rows: readonly JobRow[];
  nothing: string;
}) {
  const address = useAddress();
  const [showAll, setAll] = useState(false);
  const shown = showAll ? rows : rows.slice(0, mostAtOnce);
  return (
    <section aria-label={title} className="mb-6">
      <h2 className="mb-1 font-semibold">
        {title} <span className="figures text-dim">{rows.length}</span>
      </h2>
      {rows.length === 0 ? (
        <p className="text-dim">{nothing}</p>
      ) : (
        <table className="w-full table-fixed">
          <thead>
            <tr className="border-b border-rule text-left text-dim">
              {columns.map(([heading, width]) => (
                <th key={heading} className={`py-1 pr-4 font-normal ${width}`}>
                  {heading}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.id} className="border-b border-rule/60 align-top">
                <td className="pr-4">
                  <Link
                    className="flex min-h-11 items-center truncate font-semibold"
                    to={address(addressOfJob(row))}
                  >
                    {row.number}
                  </Link>
                </td>
                <td className="py-3 pr-4 whitespace-nowrap">{jobTitles[row.kind]}</td>
                <td className="truncate py-3 pr-4" title={`${row.service} · ${row.valve}`}>
                  {row.service} <span className="text-dim">{row.valve}</span>
                </td>
                <td className="py-3 pr-4 whitespace-nowrap">
                  <Progress job={row} />
                </td>
                <td className={`figures py-3 pr-4 ${row.deviations > 0 ? "text-tight" : "text-dim"}`}>
                  {row.deviations || "–"}
                </td>
                <td className="truncate py-3 text-dim">
                  {row.lastBy ?? row.startedBy}, {when(row.lastAt ?? row.startedAt)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {shown.length < rows.length && (
        <button type="button" className="quiet min-h-11 px-2" onClick={() => setAll(true)}>
          Show all {rows.length}
        </button>
      )}
    </section>
  );
}
