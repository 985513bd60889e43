import type { ImportResult } from "@proven-seat/contract";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useLocation } from "react-router";
import { useAddTag } from "../../app/add-tag.ts";
import { useProject, useProjectId } from "../../app/project.ts";
import { useProjects, useTagRows } from "../../app/queries.ts";
import { useReading, useUnits } from "../../app/reading.ts";
import { exportSelections } from "./export-selections.ts";
import { everything, type Filter, fits } from "./filter.ts";
import { useListProving } from "./use-list-proving.ts";
import { useMarks } from "./use-marks.ts";
import { useMoving } from "./use-moving.ts";
import { useSummaries } from "./use-summaries.ts";

/** State of the line-up: the tags, the filter, and the results of the visible rows. */
export function useLineUp() {
  const projects = useProjects();
  const project = useProject();
  const tags = useTagRows(useProjectId());
  const units = useUnits();
  const setReading = useReading((s) => s.set);
  useEffect(() => setReading({ visited: true }), [setReading]);
  const [filter, setFilter] = useState(everything);
  const [failure, setFailure] = useState<string | null>(null);
  const imported = useLocation().state as ImportResult | null;

  const marks = useMarks(project);
  const { marksOf } = marks;
  const stale = marks.read && (tags.data?.some((row) => marksOf(row) === null) ?? false);
  const proving = useListProving({ project, rows: tags.data, stale, read: marks.refetch });

  const settled = useDeferredValue(filter);
  const shown = useMemo(
    () => (tags.data ?? []).filter((row) => fits(row, marksOf(row), settled)),
    [tags.data, marksOf, settled],
  );
  const moving = useMoving(shown);
  const { summaryOf, summariesOf } = useSummaries(project, marksOf, moving.inView);

  const say = (error: Error) => setFailure(error.message);
  const addTag = useAddTag();
  return {
    project,
    tags: tags.data,
    trouble: projects.error ?? tags.error,
    readAgain: () => void Promise.all([projects.refetch(), tags.refetch()]),
    imported,
    shown,
    marksOf,
    summaryOf,
    proving: { ...proving, trouble: proving.trouble ?? marks.error?.message ?? null },
    filter,
    setFilter: (change: Partial<Filter>) => {
      setFilter({ ...filter, ...change });
      moving.setCurrent(0);
    },
    moving,
    failure,
    add: () => void addTag().catch(say),
    saveSelections: () =>
      void summariesOf(shown)
        .then((summary) => exportSelections(shown, summary, units))
        .catch(say),
  };
}
