import { Link } from "react-router";
import { inProject, useProject } from "../../app/project.ts";
import { InHeader } from "../../app/slots.tsx";
import { Columns } from "./columns.tsx";
import { Drafts } from "./drafts.tsx";
import { FileLine, PickFile } from "./file-line.tsx";
import { Guessed } from "./guessed.tsx";
import { MendGrid } from "./mend-grid.tsx";
import { Pairs } from "./pairs.tsx";
import { Revision } from "./revision.tsx";
import { StoreBar } from "./store-bar.tsx";
import { UnknownValues } from "./unknown-values.tsx";
import { type ListInWork, useList } from "./use-list.ts";
import { type RevisionInWork, useRevision } from "./use-revision.ts";
import { useStepKeys } from "./use-step-keys.ts";
import { useStoring } from "./use-storing.ts";

const none: readonly string[] = [];

/** How the list was read, with the decisions the user can make. */
function Understood({ list, revision }: { list: ListInWork; revision: RevisionInWork }) {
  const { view, comparison, saying } = list;
  const { said } = saying;
  if (!view || !said) return null;
  return (
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
          comparison={comparison}
          gone={revision.gone}
          removed={revision.removed}
          onRemove={revision.remove}
          accepted={revision.accepted}
          onAccept={revision.accept}
        />
      )}
    </>
  );
}

/** Line list in: a file as people keep it, understood, mended where it is seen, stored whole. */
export function ImportRoom() {
  const project = useProject();
  const list = useList(project);
  const revision = useRevision(list);
  const { working, store } = useStoring(project, list, revision);
  useStepKeys(list.saying);
  const { loaded, saying } = list;
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
      {list.failure && (
        <p role="alert" className="mt-3 border-l-2 border-fails pl-3 text-fails">
          {list.failure}
        </p>
      )}
      {project && !loaded && <Drafts project={project.id} list={list} />}
      {list.reading && !list.view && (
        <p role="status" className="mt-3 text-dim">
          Reading the list …
        </p>
      )}
      {loaded && saying.said && (
        <>
          <FileLine list={list} />
          <Columns head={loaded.head} plan={saying.said.plan} onRemap={saying.remap} />
          <Understood list={list} revision={revision} />
          <StoreBar
            list={list}
            revision={revision}
            working={working}
            onStore={(later) => void store(later)}
          />
        </>
      )}
    </div>
  );
}
