import type { Proving } from "@proven-seat/contract";
import type { ReactNode } from "react";

/** Fewer tags than this are proved before a progress bar could be read. */
const worthShowing = 25;

/**
 * Progress of the background proving, time left, cancel; `idle` where nothing is proved. It appears and disappears by
 * itself, so it must not move rows under the pointer.
 */
export function ProvingProgress({
  proving,
  idle,
  onStop,
}: {
  readonly proving: Pick<Proving, "done" | "total" | "secondsLeft"> | null;
  readonly idle: ReactNode;
  readonly onStop: () => void;
}) {
  if (proving === null || proving.total <= worthShowing) return idle;
  const { done, total, secondsLeft } = proving;
  return (
    // Around it everything is read out as it changes: this would be, several times a second.
    <span className="flex items-center gap-2" aria-live="off">
      <progress max={total} value={done} className="h-1.5 w-28" aria-label="Proving" />
      {done === 0 ? "waiting for a worker process, " : ""}proved {done} of {total}
      {secondsLeft !== null && secondsLeft > 2 ? `, about ${Math.ceil(secondsLeft)} s left` : ""}
      <button type="button" className="quiet" onClick={onStop}>
        cancel
      </button>
    </span>
  );
}

/** What to do where the background proving stopped. */
export function ProvingTrouble({
  trouble,
  stopped,
  lost,
  onResume,
}: {
  readonly trouble: string | null;
  readonly stopped: boolean;
  /** The progress is not known at the moment; the connection returns by itself. */
  readonly lost: boolean;
  readonly onResume: () => void;
}) {
  return (
    <>
      {lost && (
        <span className="text-tight" role="alert">
          The server cannot be reached. The last results are shown. Trying again.
        </span>
      )}
      {(stopped || trouble) && (
        <span className="flex items-center gap-2 text-tight" role="alert">
          {trouble ?? "Proving was cancelled. Finished proofs are kept."}
          <button type="button" className="quiet" onClick={onResume}>
            prove the rest
          </button>
        </span>
      )}
    </>
  );
}
