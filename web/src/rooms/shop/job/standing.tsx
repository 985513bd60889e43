import { addressOf } from "@proven-seat/contract/addresses";
import type { ReactNode } from "react";
import { useUnits } from "../../../app/reading.ts";
import { hour, when } from "../../../parts/dates.ts";
import type { OpenJob } from "./use-job.ts";
import { WhoWanted } from "./who.tsx";

/** State of a job, with its print beside it. */
function Row({ says, children }: { says: ReactNode; children: ReactNode }) {
  return (
    <div className="flex min-h-11 flex-wrap items-center gap-x-3">
      <WhoWanted />
      <div className="min-w-0 flex-1 basis-72 text-dim" role="status">
        {says}
      </div>
      {children}
    </div>
  );
}

const paperLooks = "quiet flex min-h-11 items-center px-2 whitespace-nowrap";

/** State of a job: who started it, whether everything is sent, what came after its end. */
export function Standing({
  job: { id, held, state, reached },
  plan = null,
}: {
  job: OpenJob;
  /** Address of the plan on paper. */
  plan?: string | null;
}) {
  const { system } = useUnits();
  const ofPlan = plan !== null && (
    <a className={paperLooks} href={plan} download>
      PDF of the plan
    </a>
  );
  if (held === null) return <Row says="Not started. Ticking a step starts the job.">{ofPlan}</Row>;
  const waiting = held.waiting.length;
  const paper = `${addressOf("jobPdf", { id: held.tagId, job: id! })}?units=${system}`;
  return (
    <Row
      says={
        <>
          {state.finished
            ? `Finished by ${state.finished.who}, ${when(state.finished.at)}`
            : `Started by ${held.startedBy}, ${when(held.startedAt)}`}
          {state.last && !state.finished && ` · last entry ${state.last.who}, ${hour(state.last.at)}`}
          {state.afterwards > 0 && ` · ${state.afterwards} added after it was finished`}
          {" · "}
          {held.refused !== null ? (
            <span className="text-fails">rejected by the server: {held.refused}</span>
          ) : waiting === 0 ? (
            reached ? (
              "all sent"
            ) : (
              "no connection"
            )
          ) : (
            <span className="font-semibold text-ink">
              {waiting} on this device
              {reached ? ", being sent" : ": sent when there is a connection"}
            </span>
          )}
        </>
      }
    >
      {held.known.length > 0 && (
        <a className={paperLooks} href={paper} download>
          PDF of the job
        </a>
      )}
      {ofPlan}
    </Row>
  );
}
