/** State of a tag's sheet: paper, not a verdict. */
export type PaperState = "none" | "ready" | "issued" | "changed since" | "selection invalid";

const says: Record<PaperState, string> = {
  none: "no sheet",
  ready: "ready to issue",
  issued: "issued",
  "changed since": "changed since it was issued",
  "selection invalid": "the selected valve is no longer a candidate",
};

/** A leaf: dashed while there is nothing, blank when ready, written when issued, struck through when it is behind. */
export function PaperMark({ state, size = 14 }: { state: PaperState; size?: number }) {
  const written = state === "issued" || state === "changed since";
  const struck = state === "changed since" || state === "selection invalid";
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      role="img"
      aria-label={says[state]}
      data-paper={state}
      className="inline-block shrink-0"
      fill="none"
      stroke={state === "none" ? "var(--dim)" : "var(--ink)"}
      strokeWidth="1.8"
    >
      <path d="M5 2.5h9l5 5v14H5z" strokeDasharray={state === "none" ? "2 3" : undefined} />
      {state !== "none" && <path d="M14 2.5v5h5" />}
      {written && <path d="M8 12h8M8 16h8" />}
      {struck && <path d="M3 21L21 3" stroke="var(--tight)" strokeWidth="2.2" />}
    </svg>
  );
}
