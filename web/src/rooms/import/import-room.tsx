import { useEffect, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { ApiProblem } from "../../app/api.ts";
import { inProject, useProject } from "../../app/project.ts";
import { InHeader } from "../../app/slots.tsx";
import { Columns } from "./columns.tsx";
import { Drafts } from "./drafts.tsx";
import { FileLine, PickFile } from "./file-line.tsx";
import { Guessed } from "./guessed.tsx";
import { MendGrid } from "./mend-grid.tsx";
import { Pairs } from "./pairs.tsx";
import { Revision } from "./revision.tsx";
import { storeList } from "./store-list.ts";
import { UnknownValues } from "./unknown-values.tsx";
import { useList } from "./use-list.ts";

const none: readonly string[] = [];
const nothing: ReadonlySet<string> = new Set();
const plural = (count: number, one: string, more = `${one}s`) => `${count} ${count === 1 ? one : more}`;

/** Line list in: a file as people keep it, understood, mended where it is seen, stored whole. */
export function ImportRoom() {
  const project = useProject();
  const list = useList(project);
  const navigate = useNavigate();
  const [working, setWorking] = useState(false);
  const { loaded, view, comparison, failure, saying } = list;
  const { said } = saying;
  const changed = useMemo(
    () => comparison?.changed.filter(({ fault }) => fault === null).map(({ key }) => key) ?? none,
    [comparison],
  );
  // What is declined of a list stays declined, whatever is compared anew: the project's tags may come again meanwhile.
  const [declining, setDeclining] = useState({ of: loaded, keys: nothing });
  const declined = declining.of === loaded ? declining.keys : nothing;
  const accepted = useMemo(() => new Set(changed.filter((key) => !declined.has(key))), [changed, declined]);
  // Nothing is removed unless somebody says so, of this comparison.
  const [removing, setRemoving] = useState({ of: comparison, ids: nothing });
  const removed = removing.of === comparison ? removing.ids : nothing;
  const gone = useMemo(() => {
    const numbers = new Set(comparison?.gone);
    return (list.tagRows.data ?? []).filter(({ number }) => numbers.has(number));
  }, [comparison, list.tagRows.data]);
  const [undo, redo] = [saying.undo, saying.redo];
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== "z") return;
      // What is being typed has its own steps back.
      const { activeElement: at } = document;
      if (at instanceof HTMLInputElement && at.type === "text" && at.dataset.steps !== "list") return;
      e.preventDefault();
      (e.shiftKey ? redo : undo)();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [undo, redo]);

  const toStore = comparison ? comparison.fresh + changed.filter((key) => accepted.has(key)).length : 0;
  const waiting = view?.waiting.length ?? 0;
  const faulty = (view?.faultCount ?? 0) > 0;
  const mayWait = faulty && waiting > 0 && (said?.plan.some(({ field }) => field === "number") ?? false);
  const store = async (later: boolean) => {
    if (!project) return;
    setWorking(true);
    list.setFailure(null);
    try {
      const result = await storeList({
        project: project.id,
        list,
        accepted,
        removed: gone.filter(({ id }) => removed.has(id)),
        later,
      });
      void navigate(inProject(project, "/line-up"), { state: result });
    } catch (error) {
      const stale = error instanceof ApiProblem && error.problem.type.endsWith("stale");
      list.setFailure(
        `${(error as Error).message}${stale ? " Look at what the list changes by now and store again." : ""}`,
      );
      await list.tagRows.refetch();
      setWorking(false);
    }
  };
  return (
    <div className="h-full overflow-auto px-6 pt-4">
      <InHeader>
        <h1 className="truncate text-[13px] font-normal text-dim">
          <span className="font-semibold text-ink">Import a line list</span>
        </h1>
        <Link className="quiet ml-auto" to={inProject(project, "/line-up")}>
          back to the line-up
        </Link>
      </InHeader>
      <PickFile onFile={(file) => void list.load(file)} />
      {failure && (
        <p role="alert" className="mt-3 border-l-2 border-fails pl-3 text-fails">
          {failure}
        </p>
      )}
      {project && !loaded && <Drafts project={project.id} list={list} />}
      {list.reading && !view && (
        <p role="status" className="mt-3 text-dim">
          Reading the list …
        </p>
      )}
      {loaded && said && (
        <>
          <FileLine list={list} />
          <Columns head={loaded.head} plan={said.plan} onRemap={saying.remap} />
        </>
      )}
      {loaded && said && view && (
        <>
          <UnknownValues
            list={view.unknown}
            onMend={({ field, value }, as) => saying.mendValue(field, value, as)}
          />
          <Pairs view={view} plan={said.plan} onDecide={saying.pair} />
          <MendGrid
            view={view}
            plan={said.plan}
            typed={said.decisions.cells ?? {}}
            onMend={saying.mendCells}
            onLeaveOut={saying.leaveOut}
          />
          <Guessed
            view={view}
            accepted={said.decisions.accepted ?? none}
            onUndo={saying.undoGuess}
            onAccept={saying.accept}
          />
          {comparison && (
            <Revision
              of={comparison}
              gone={gone}
              removed={removed}
              onRemove={(ids) => setRemoving({ of: comparison, ids })}
              accepted={accepted}
              onAccept={(keys) =>
                setDeclining({ of: loaded, keys: new Set(changed.filter((key) => !keys.has(key))) })
              }
            />
          )}
          <div className="sticky bottom-0 -mx-6 mt-4 flex flex-wrap items-center gap-4 border-t border-rule bg-paper px-6 py-2.5">
            {!faulty ? (
              <button
                type="button"
                className="act-first"
                disabled={working || toStore + removed.size === 0}
                onClick={() => void store(false)}
              >
                {working
                  ? "Storing …"
                  : `Store ${plural(toStore, "tag")}${removed.size > 0 ? `, remove ${removed.size}` : ""}`}
              </button>
            ) : (
              mayWait && (
                <button
                  type="button"
                  className="act-first"
                  disabled={working || !comparison}
                  onClick={() => void store(true)}
                >
                  {working
                    ? "Storing …"
                    : toStore === 0
                      ? `Let ${plural(waiting, "row")} wait`
                      : `Store ${plural(toStore, "tag")}, ${plural(waiting, "row")} later`}
                </button>
              )
            )}
            <span className="text-dim" role="status">
              {list.reading
                ? "reading …"
                : faulty
                  ? `${plural(view.faultyRows.length, "row")} with faults: nothing is stored until they are mended, left out or set to wait`
                  : `${plural(view.cases, "operating case")} in all`}
              {(said.decisions.leftOut?.length ?? 0) > 0 &&
                `, ${plural(said.decisions.leftOut!.length, "row")} left out`}
            </span>
            <span className="ml-auto flex gap-2">
              <button type="button" className="quiet" disabled={!saying.mayUndo} onClick={saying.undo}>
                step back
              </button>
              <button type="button" className="quiet" disabled={!saying.mayRedo} onClick={saying.redo}>
                step forth
              </button>
            </span>
          </div>
        </>
      )}
    </div>
  );
}
