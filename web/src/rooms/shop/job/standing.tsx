import { day, hour } from "../../../parts/dates.ts";
import type { OpenJob } from "./use-job.ts";

const when = (at: string) => `${day(at)} ${hour(at)}`;

/** Where a job stands: begun by whom, whether everything is handed in, what came after its end. */
export function Standing({ job: { held, state, reached } }: { job: OpenJob }) {
  if (held === null) return <p className="text-dim">Nothing is begun: the first tick begins the job.</p>;
  const waiting = held.waiting.length;
  return (
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
  );
}
