import { useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import { useCommands } from "../../app/commands.ts";
import { inProject } from "../../app/project.ts";
import { InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { everything } from "./filter.ts";
import { FilterBar } from "./filter-bar.tsx";
import { ImportedNote } from "./imported-note.tsx";
import { ListActions } from "./list-actions.tsx";
import { NoTags } from "./no-tags.tsx";
import { ProvingProgress, ProvingTrouble } from "./proving-state.tsx";
import { TagGrid } from "./tag-grid.tsx";
import { useLineUp } from "./use-line-up.ts";

/** The tag list: one row per tag, one mark per station, and the limiting finding. */
export function LineUp() {
  const { project, tags, shown, proving, filter, setFilter, moving, add, ...list } = useLineUp();
  const search = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  useShortcuts({
    ...moving.keys,
    f: () => search.current?.focus(),
    n: add,
    i: () => void navigate(inProject(project, "/import")),
  });
  const setOfRoom = useCommands((s) => s.setOfRoom);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the commands belong to the room, not to a render of it
  useEffect(() => {
    setOfRoom([{ name: "Add a tag", key: "n", act: add }]);
    return () => setOfRoom([]);
  }, [project?.id, tags?.length]);

  if (list.trouble)
    return (
      <Notice
        title="The line-up could not be loaded"
        act={
          <button type="button" className="act" onClick={list.readAgain}>
            Try again
          </button>
        }
      >
        {list.trouble.message}
      </Notice>
    );
  return (
    <div className="grid h-full grid-rows-[auto_auto_minmax(0,1fr)]">
      <InStatus>
        <ProvingProgress proving={proving.proving} idle={project?.note} onStop={() => void proving.stop()} />
      </InStatus>
      <div className="flex flex-wrap items-center gap-3 px-6 py-2.5">
        <FilterBar filter={filter} onFilter={setFilter} search={search} onFirst={() => moving.goTo(0)} />
        <span className="text-dim" role="status">
          {tags
            ? `${shown.length === tags.length ? "" : `${shown.length} of `}${tags.length} tags`
            : "reading …"}
        </span>
        <ProvingTrouble
          trouble={proving.trouble}
          stopped={proving.stopped}
          lost={proving.lost}
          onResume={proving.resume}
        />
        {list.imported && <ImportedNote {...list.imported} />}
        {list.failure && (
          <span className="text-fails" role="alert">
            {list.failure}
          </span>
        )}
        <ListActions project={project} onAdd={add} onSelections={list.saveSelections} />
      </div>
      {tags?.length === 0 ? (
        <NoTags project={project} onAdd={add} />
      ) : (
        <TagGrid
          rows={shown}
          nothingFits={tags !== undefined && shown.length === 0}
          marksOf={list.marksOf}
          summaryOf={list.summaryOf}
          virtual={moving.virtual}
          scroller={moving.scroller}
          current={moving.current}
          onCurrent={moving.setCurrent}
          onShowAll={() => setFilter(everything)}
        />
      )}
    </div>
  );
}
