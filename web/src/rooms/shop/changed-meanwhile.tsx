import { useTag } from "../../app/queries.ts";
import { useBench } from "../../bench/bench-store.ts";

/** A tag that changed after this page read it: its plan may differ now. */
export function ChangedMeanwhile({ tagId }: { tagId: string }) {
  const { data } = useTag(tagId);
  const version = useBench((s) => s.version);
  if (data === undefined || data.version <= version) return null;
  return (
    <p
      role="status"
      className="flex flex-wrap items-center gap-3 border-b border-b-rule border-l-4 border-l-tight px-4 py-2"
    >
      The tag has changed since this plan was made.
      <button type="button" className="act min-h-11" onClick={() => location.reload()}>
        Reload
      </button>
    </p>
  );
}
