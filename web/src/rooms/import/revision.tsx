import type { TagRow } from "@proven-seat/contract";
import type { Comparison } from "../../workers/list-api.ts";

interface Props {
  comparison: Comparison;
  /** Tags of the project that are not in the list. */
  gone: readonly TagRow[];
  removed: ReadonlySet<string>;
  onRemove: (ids: ReadonlySet<string>) => void;
  accepted: ReadonlySet<string>;
  onAccept: (keys: ReadonlySet<string>) => void;
}

const shown = 200;

/** Changes of a revised list in existing tags, field by field. */
export function Revision({ comparison, gone, removed, onRemove, accepted, onAccept }: Props) {
  if (comparison.changed.length === 0 && comparison.same === 0) return null;
  const removable = gone.filter(({ sheet }) => sheet === null).map(({ id }) => id);
  const changedKeys = comparison.changed.filter(({ fault }) => fault === null).map(({ key }) => key);
  const toggle = (key: string, on: boolean) => {
    const next = new Set(accepted);
    if (on) next.add(key);
    else next.delete(key);
    onAccept(next);
  };
  return (
    <section aria-label="Changes to the project">
      <h2 className="mt-4">
        Changes to the project{" "}
        <span className="font-normal text-dim">
          {comparison.fresh} new, {comparison.changed.length} changed, {comparison.same} unchanged,{" "}
          {comparison.gone.length} in the project but not in the list
        </span>
      </h2>
      {comparison.changed.length > 0 && (
        <>
          <p className="text-dim">
            Blank cells change nothing. Selections and issued sheets stay. A sheet shows if its duty has
            changed since.
          </p>
          <p className="mt-1 flex gap-3">
            <button type="button" className="act" onClick={() => onAccept(new Set(changedKeys))}>
              Accept all
            </button>
            <button type="button" className="act" onClick={() => onAccept(new Set())}>
              None
            </button>
          </p>
          <ul className="mt-1 max-h-80 overflow-auto" tabIndex={0}>
            {comparison.changed.slice(0, shown).map(({ key, number, changes, fault }) => (
              <li
                key={key}
                className="grid grid-cols-[9rem_minmax(0,1fr)] gap-3 border-b border-rule/60 py-1"
              >
                <label className="flex items-start gap-1.5">
                  <input
                    type="checkbox"
                    checked={accepted.has(key)}
                    disabled={fault !== null}
                    onChange={(e) => toggle(key, e.target.checked)}
                  />
                  {number}
                </label>
                <dl className="grid grid-cols-[14rem_minmax(0,1fr)] gap-x-3">
                  {changes.map(({ label, was, is }) => (
                    <div key={label} className="contents">
                      <dt className="truncate text-dim">{label}</dt>
                      <dd className="figures">
                        {was} → {is}
                      </dd>
                    </div>
                  ))}
                  {fault && <dd className="col-span-2 text-fails">Not possible: {fault}</dd>}
                </dl>
              </li>
            ))}
          </ul>
          {comparison.changed.length > shown && (
            <p className="text-dim">and {comparison.changed.length - shown} more</p>
          )}
        </>
      )}
      {comparison.gone.length > 0 && (
        <details className="mt-1">
          <summary className="cursor-pointer text-dim">
            Not in the list: {gone.length};{" "}
            {removed.size === 0 ? "they stay unchanged" : `${removed.size} are removed`}
          </summary>
          <p className="mt-1 flex gap-3">
            <button type="button" className="act" onClick={() => onRemove(new Set(removable))}>
              Remove all
            </button>
            <button type="button" className="act" onClick={() => onRemove(new Set())}>
              Keep all
            </button>
            {removable.length < gone.length && (
              <span className="text-dim">{gone.length - removable.length} have issued sheets and stay</span>
            )}
          </p>
          <ul className="mt-1 max-h-40 overflow-auto" tabIndex={0}>
            {gone.slice(0, shown).map(({ id, number, service, sheet }) => (
              <li key={id} className="border-b border-rule/60 py-0.5">
                <label className="grid grid-cols-[9rem_minmax(0,1fr)] gap-3">
                  <span className="flex items-start gap-1.5">
                    <input
                      type="checkbox"
                      aria-label={`remove ${number}`}
                      checked={removed.has(id)}
                      disabled={sheet !== null}
                      onChange={(e) => {
                        const next = new Set(removed);
                        if (e.target.checked) next.add(id);
                        else next.delete(id);
                        onRemove(next);
                      }}
                    />
                    {number}
                  </span>
                  <span className="truncate text-dim">
                    {sheet ? `sheet ${sheet.revision} is issued: the tag stays` : service}
                  </span>
                </label>
              </li>
            ))}
          </ul>
          {gone.length > shown && <p className="text-dim">and {gone.length - shown} more</p>}
        </details>
      )}
    </section>
  );
}
