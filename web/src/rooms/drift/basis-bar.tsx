import type { Proving } from "@proven-seat/contract";
import { useCatalogueVersions, useHouseRuleVersions } from "../../app/queries.ts";
import { day } from "../../parts/dates.ts";
import type { Looked } from "./use-drift.ts";

interface Props {
  readonly pinned: Looked;
  readonly looked: Looked;
  readonly onLook: (looked: Looked) => void;
  /** Records that are not proved on this basis. */
  readonly unproved: number;
  /** Records that are not proved on the basis of comparison. */
  readonly before: number;
  readonly underWay: readonly Proving[];
  readonly trouble: string | null;
  readonly onProve: () => void;
  readonly onCancel: () => void;
  readonly onMoveOn: () => void;
}

/** The compared catalogue and house rules, and the progress of proofs on them. */
export function BasisBar(props: Props) {
  const { pinned, looked, onLook, before, underWay, trouble } = props;
  const unproved = props.unproved + before;
  const catalogues = useCatalogueVersions();
  const rules = useHouseRuleVersions();
  const isPinned =
    looked.catalogueRevision === pinned.catalogueRevision &&
    looked.houseRuleVersion === pinned.houseRuleVersion;
  const total = underWay.reduce((sum, proving) => sum + proving.total, 0);
  const done = underWay.reduce((sum, proving) => sum + proving.done, 0);
  const seconds = Math.max(0, ...underWay.map((proving) => proving.secondsLeft ?? 0));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5 border-b border-rule px-6 py-2.5">
      <label className="flex items-center gap-1 text-dim">
        catalogue
        <select
          className="field w-auto! max-w-56 border-b-rule! text-ink"
          value={looked.catalogueRevision}
          onChange={(e) => onLook({ ...looked, catalogueRevision: Number(e.target.value) })}
        >
          {(catalogues.data ?? []).map((revision) => (
            <option key={revision.revision} value={revision.revision}>
              r{revision.revision}, {day(revision.createdAt)}
              {revision.revision === pinned.catalogueRevision ? " · pinned" : ""}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-1 text-dim">
        house rules
        <select
          className="field w-auto! max-w-56 border-b-rule! text-ink"
          value={looked.houseRuleVersion}
          onChange={(e) => onLook({ ...looked, houseRuleVersion: Number(e.target.value) })}
        >
          {(rules.data ?? []).map((version) => (
            <option key={version.version} value={version.version}>
              v{version.version}, {version.reason}
              {version.version === pinned.houseRuleVersion ? " · pinned" : ""}
            </option>
          ))}
        </select>
      </label>
      {underWay.length > 0 ? (
        <span className="flex items-center gap-2 text-dim" role="status">
          <progress max={total} value={done} className="h-1.5 w-28" aria-label="Proving" />
          {done === 0 ? "waiting for a worker process, " : ""}proved {done} of {total}
          {seconds > 2 ? `, about ${Math.ceil(seconds)} s left` : ""}
          <button type="button" className="quiet" onClick={props.onCancel}>
            cancel
          </button>
        </span>
      ) : unproved > 0 ? (
        <button type="button" className="act-first" onClick={props.onProve}>
          Prove {unproved} by {before > 0 ? "both" : "these"}
        </button>
      ) : (
        <span className="text-dim" role="status">
          all proved with these
        </span>
      )}
      {trouble && (
        <span className="text-fails" role="alert">
          {trouble}
        </span>
      )}
      <span className="ml-auto">
        {isPinned ? (
          <span className="text-dim">the project uses these</span>
        ) : (
          <button
            type="button"
            className="act"
            disabled={unproved > 0 || underWay.length > 0}
            title={
              unproved > 0
                ? "First prove the project with these to see which verdicts would change"
                : undefined
            }
            onClick={props.onMoveOn}
          >
            Update the project to these …
          </button>
        )}
      </span>
    </div>
  );
}
