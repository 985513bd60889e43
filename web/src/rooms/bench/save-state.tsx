import { useBench } from "../../bench/bench-store.ts";
import { saveNow } from "../../bench/saving.ts";
import { hour } from "../../parts/dates.ts";

/** State of the edits: saved, being saved, or kept on this device. */
export function SaveStateText({ onStale }: { onStale: () => void }) {
  const save = useBench((s) => s.save);
  switch (save.kind) {
    case "saved":
      return (
        <span className="whitespace-nowrap text-dim" role="status">
          saved {hour(save.at)}
        </span>
      );
    case "stale":
      return (
        <button type="button" className="whitespace-nowrap text-fails underline" onClick={onStale}>
          changed by someone else
        </button>
      );
    case "kept":
      return (
        <span className="truncate text-tight" role="status" title={save.why}>
          not saved, kept on this device: {save.why}{" "}
          <button type="button" className="underline" onClick={() => void saveNow()}>
            try now
          </button>
        </span>
      );
    default:
      return (
        <span className="whitespace-nowrap text-dim" role="status">
          {save.kind === "saving" ? "saving …" : "not saved yet"}
        </span>
      );
  }
}
