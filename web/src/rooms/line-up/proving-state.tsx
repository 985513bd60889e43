import type { ProvingProgress } from "./summaries.ts";

/** Fewer tags than this are proved before a progress bar could be read. */
const worthShowing = 25;

interface Props {
  readonly proving: ProvingProgress | null;
  readonly trouble: string | null;
  readonly stopped: boolean;
  readonly onStop: () => void;
  readonly onResume: () => void;
}

/** How far the background proving is: progress, time left, cancel; and what to do when it stopped. */
export function ProvingState({ proving, trouble, stopped, onStop, onResume }: Props) {
  return (
    <>
      {proving && proving.total > worthShowing && (
        <span className="flex items-center gap-2 text-dim">
          <progress max={proving.total} value={proving.done} className="h-1.5 w-28" aria-label="Proving" />
          proved {proving.done} of {proving.total}
          {proving.secondsLeft !== null && proving.secondsLeft > 2
            ? `, about ${Math.ceil(proving.secondsLeft)} s left`
            : ""}
          <button type="button" className="quiet" onClick={onStop}>
            cancel
          </button>
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
