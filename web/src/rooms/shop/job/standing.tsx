import { addressOf } from "@proven-seat/contract";
import { useUnits } from "../../../app/reading.ts";
import { day, hour } from "../../../parts/dates.ts";
import type { OpenJob } from "./use-job.ts";

const when = (at: string) => `${day(at)} ${hour(at)}`;

/** Where a job stands: begun by whom, whether everything is handed in, what came after its end. */
export function Standing({ job: { id, held, state, reached } }: { job: OpenJob }) {
  const { system } = useUnits();
  if (held === null) return <p className="text-dim">Nothing is begun: the first tick begins the job.</p>;
  const waiting = held.waiting.length;
  const paper = `${addressOf("jobPdf", { id: held.tagId, job: id! })}?units=${system}`;
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <p className="text-dim" role="status">
        {state.finished
          ? `Finished by ${state.finished.who}, ${when(state.finished.at)}`
          : `Begun by ${held.startedBy}, ${when(held.startedAt)}`}
        {state.last && !state.finished && ` · last ${state.last.who}, ${hour(state.last.at)}`}
        {state.afterwards > 0 && ` · ${state.afterwards} came after it was finished`}
        {" · "}
        {held.refused !== null ? (
          <span className="text-fails">not taken by the server: {held.refused}</span>
        ) : waiting === 0 ? (
          reached ? (
            "all handed in"
          ) : (
            "no connection"
          )
        ) : (
          <span className="font-semibold text-ink">
            {waiting} on this device{reached ? ", being handed in" : ": handed in when there is a connection"}
          </span>
        )}
      </p>
      {held.known.length > 0 && (
        <a className="quiet ml-auto flex min-h-11 items-center px-2 whitespace-nowrap" href={paper} download>
          PDF of the job
        </a>
      )}
    </div>
  );
}
