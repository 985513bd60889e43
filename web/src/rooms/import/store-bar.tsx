import type { ListInWork } from "./use-list.ts";
import type { RevisionInWork } from "./use-revision.ts";

const plural = (count: number, singular: string) => `${count} ${singular}${count === 1 ? "" : "s"}`;

interface Props {
  list: ListInWork;
  revision: RevisionInWork;
  working: boolean;
  onStore: (later: boolean) => void;
}

/** The store button with its effect, the state of the list, undo and redo. */
export function StoreBar({ list, revision: { toStore, removed }, working, onStore }: Props) {
  const { view, comparison, reading, saying } = list;
  const { said } = saying;
  if (!view || !said) return null;
  const faulty = view.faultCount > 0;
  const waiting = view.waiting.length;
  const mayWait = faulty && waiting > 0 && said.plan.some(({ field }) => field === "number");
  const leftOut = said.decisions.leftOut?.length ?? 0;
  const name = () => {
    if (working) return "Storing …";
    if (!faulty)
      return `Store ${plural(toStore, "tag")}${removed.size > 0 ? `, remove ${removed.size}` : ""}`;
    return toStore === 0
      ? `Set ${plural(waiting, "row")} aside`
      : `Store ${plural(toStore, "tag")}, ${plural(waiting, "row")} later`;
  };
  const state = () => {
    if (reading) return "reading …";
    return faulty
      ? `${plural(view.faultyRows.length, "row")} with faults: correct them, leave them out or set them aside before storing`
      : `${plural(view.cases, "operating case")} in total`;
  };
  return (
    <div className="sticky bottom-0 -mx-6 mt-4 flex flex-wrap items-center gap-4 border-t border-rule bg-paper px-6 py-2.5">
      {(!faulty || mayWait) && (
        <button
          type="button"
          className="act-first"
          disabled={working || (faulty ? !comparison : toStore + removed.size === 0)}
          onClick={() => onStore(faulty)}
        >
          {name()}
        </button>
      )}
      <span className="text-dim" role="status">
        {state()}
        {leftOut > 0 && `, ${plural(leftOut, "row")} left out`}
      </span>
      <span className="ml-auto flex gap-2">
        <button type="button" className="quiet" disabled={!saying.mayUndo} onClick={saying.undo}>
          undo
        </button>
        <button type="button" className="quiet" disabled={!saying.mayRedo} onClick={saying.redo}>
          redo
        </button>
      </span>
    </div>
  );
}
