import type { Proving } from "@proven-seat/contract";

/** Fewer tags than this are proved before a progress bar could be read. */
const worthShowing = 25;

interface Props {
  readonly proving: Pick<Proving, "done" | "total" | "secondsLeft"> | null;
  readonly trouble: string | null;
  readonly stopped: boolean;
  /** Nobody tells how far it is just now; the connection is made again by itself. */
  readonly lost: boolean;
  readonly onStop: () => void;
  readonly onResume: () => void;
}

/** How far the background proving is: progress, time left, cancel; and what to do when it stopped. */
export function ProvingState({ proving, trouble, stopped, lost, onStop, onResume }: Props) {
  return (
    <>
      {proving && proving.total > worthShowing && (
        <span className="flex items-center gap-2 text-dim">
          <progress max={proving.total} value={proving.done} className="h-1.5 w-28" aria-label="Proving" />
          {proving.done === 0 ? "waiting for a worker process, " : ""}proved {proving.done} of {proving.total}
          {proving.secondsLeft !== null && proving.secondsLeft > 2
            ? `, about ${Math.ceil(proving.secondsLeft)} s left`
            : ""}
          <button type="button" className="quiet" onClick={onStop}>
            cancel
          </button>
        </span>
      )}
      {lost && (
        <span className="text-tight" role="alert">
          The server cannot be reached: what is shown is what was found last. It is tried again.
        </span>
      )}
      {(stopped || trouble) && (
        <span className="flex items-center gap-2 text-tight" role="alert">
          {trouble ?? "Proving was cancelled; what was proved is kept."}
          <button type="button" className="quiet" onClick={onResume}>
            prove the rest
          </button>
        </span>
      )}
    </>
  );
}
