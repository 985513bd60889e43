import { addressOf, type ImportResult } from "@proven-seat/contract";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useDeferredValue, useEffect, useRef, useState } from "react";
import { Link, useLocation, useNavigate } from "react-router";
import { useAddTag } from "../../app/add-tag.ts";
import { useCommands } from "../../app/commands.ts";
import { inProject, useProject, useProjectId } from "../../app/project.ts";
import { useProjects, useTagRows } from "../../app/queries.ts";
import { useReading, useUnits } from "../../app/reading.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { download } from "../../parts/download.ts";
import { KeyHint } from "../../parts/key-hint.tsx";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { startListWork } from "../../workers/list-work.ts";
import { everything, fits } from "./filter.ts";
import { FilterBar } from "./filter-bar.tsx";
import { ProvingProgress, ProvingTrouble } from "./proving-state.tsx";
import { useResults } from "./results.ts";
import { selectionsSheet } from "./selections.ts";
import { TagGrid } from "./tag-grid.tsx";

const rowHeight = 30;
/** The tag list: one row a tag, one mark a station, the sentence that holds it back. */
export function LineUp() {
  const projects = useProjects();
  const project = useProject();
  const tags = useTagRows(useProjectId());
  const set = useReading((s) => s.set);
  const units = useUnits();
  const { marksOf, summaryOf, summariesOf, setInView, ...found } = useResults(project, tags.data);
  const [filter, setFilter] = useState(everything);
  const settled = useDeferredValue(filter);
  const [current, setCurrent] = useState(0);
  const [notAdded, setNotAdded] = useState<string | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const search = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const imported = useLocation().state as ImportResult | null;
  useEffect(() => set({ visited: true }), [set]);

  const rows = tags.data ?? [];
  const shown = rows.filter((row) => fits(row, marksOf(row), settled));

  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 12,
  });
  const items = virtual.getVirtualItems();
  // After every drawing: which rows are in view changes with the scrolling alone.
  useEffect(() => setInView(items.flatMap(({ index }) => shown[index] ?? [])));

  const goTo = (index: number) => {
    const at = Math.max(0, Math.min(shown.length - 1, index));
    setCurrent(at);
    virtual.scrollToIndex(at);
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLElement>(`[data-row="${shown[at]?.id}"]`)?.focus(),
    );
  };
  const addTag = useAddTag();
  const add = () => addTag().catch((error: Error) => setNotAdded(error.message));
  useShortcuts({
    ArrowDown: () => goTo(current + 1),
    ArrowUp: () => goTo(current - 1),
    j: () => goTo(current + 1),
    k: () => goTo(current - 1),
    Home: () => goTo(0),
    End: () => goTo(shown.length - 1),
    PageDown: () => goTo(current + 15),
    PageUp: () => goTo(current - 15),
    f: () => search.current?.focus(),
    n: () => void add(),
    i: () => void navigate(inProject(project, "/import")),
  });
  const exportSelections = async () => {
    const work = startListWork();
    try {
      await summariesOf(shown);
      const bytes = await work.api.workbook(selectionsSheet(shown, summaryOf, units));
      download("selections.xlsx", bytes, "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    } finally {
      work.end();
    }
  };
  const setOfRoom = useCommands((s) => s.setOfRoom);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the commands belong to the room, not to a render of it
  useEffect(() => {
    setOfRoom([{ name: "Add a tag", keys: "N", act: () => void add() }]);
    return () => setOfRoom([]);
  }, [project?.id, rows.length]);

  if (projects.error ?? tags.error) {
    return (
      <Notice
        title="The line-up could not be read"
        act={
          <button
            type="button"
            className="act"
            onClick={() => void Promise.all([projects.refetch(), tags.refetch()])}
          >
            Try again
          </button>
        }
      >
        {(projects.error ?? tags.error)!.message}
      </Notice>
    );
  }
  return (
    <div className="grid h-full grid-rows-[auto_auto_minmax(0,1fr)]">
      <InHeader>
        <h1 className="sr-only">Line-up</h1>
      </InHeader>
      <InStatus>
        <ProvingProgress proving={found.proving} idle={project?.note} onStop={() => void found.stop()} />
      </InStatus>
      <div className="flex flex-wrap items-center gap-3 px-6 py-2.5">
        <FilterBar
          filter={filter}
          onFilter={(change) => {
            setFilter({ ...filter, ...change });
            setCurrent(0);
          }}
          search={search}
          onFirst={() => goTo(0)}
        />
        <span className="text-dim" role="status">
          {tags.data
            ? `${shown.length === rows.length ? "" : `${shown.length} of `}${rows.length} tags`
            : "reading …"}
        </span>
        <ProvingTrouble
          trouble={found.trouble}
          stopped={found.stopped}
          lost={found.lost}
          onResume={found.resume}
        />
        {imported && (
          <span className="text-holds" role="status">
            imported: {imported.added} added, {imported.updated} updated, {imported.unchanged} unchanged
            {imported.removed > 0 && `, ${imported.removed} removed`}
          </span>
        )}
        {notAdded && (
          <span className="text-fails" role="alert">
            {notAdded}
          </span>
        )}
        <span className="ml-auto flex items-center gap-3">
          <button type="button" className="act" onClick={() => void add()}>
            Add tag
            <KeyHint>N</KeyHint>
          </button>
          <Link className="act" to={inProject(project, "/import")}>
            Import
            <KeyHint>I</KeyHint>
          </Link>
          {project && (
            <>
              <a className="act" href={addressOf("exportTags", { id: project.id })} download>
                Export CSV
              </a>
              <a className="act" href={addressOf("exportWorkbook", { id: project.id })} download>
                Export XLSX
              </a>
              <button
                type="button"
                className="act"
                title="What is chosen for each tag shown and what is found of it, as a workbook"
                onClick={() => void exportSelections().catch((error: Error) => setNotAdded(error.message))}
              >
                Selections
              </button>
            </>
          )}
        </span>
      </div>
      {tags.data && rows.length === 0 ? (
        <Notice
          title="No tags yet"
          act={
            <>
              <button type="button" className="act-first" onClick={() => void add()}>
                Add a tag
              </button>
              <Link className="act" to={inProject(project, "/import")}>
                Import a line list
              </Link>
            </>
          }
        >
          Import a line list as you keep it, or add the first tag by hand.
        </Notice>
      ) : (
        <TagGrid
          rows={shown}
          nothingFits={tags.data !== undefined && shown.length === 0}
          marksOf={marksOf}
          summaryOf={summaryOf}
          virtual={virtual}
          scroller={scroller}
          current={current}
          onCurrent={setCurrent}
          onShowAll={() => setFilter(everything)}
        />
      )}
    </div>
  );
}
