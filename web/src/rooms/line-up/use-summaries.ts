import type { TagRow } from "@proven-seat/contract";
import type { TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../../app/api.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { basisKey, type PinnedProject } from "./pinned-project.ts";

/** Summaries by tag id and version. A summary of one version never changes. */
type Known = Readonly<Record<string, TagSummary>>;

const none: Known = {};
const tagsPerRequest = 500;
const keyOf = ({ id, version }: Pick<TagRow, "id" | "version">) => `${id}:${version}`;
const idIn = (key: string) => key.slice(0, key.indexOf(":"));

/**
 * The summary of each tag, for the sentence in its row. The list may have ten thousand tags, so summaries are fetched only
 * for rows that are visible or exported, and are kept while the project has the same basis.
 *
 * @param marksOf the current marks of a row; a row without marks has no summary either
 * @param inView the visible rows
 */
export function useSummaries(
  project: PinnedProject | undefined,
  marksOf: (row: TagRow) => TagMarks | null,
  inView: readonly TagRow[],
) {
  const client = useQueryClient();
  const id = project?.id;
  const queryKey = queryKeys.summaries(id, project ? basisKey(project) : "");
  // This query only holds what `fetchMissing` has stored: no single request answers it.
  const { data: known } = useQuery({
    queryKey,
    queryFn: () => none,
    initialData: none,
    enabled: false,
    // Comparing thousands of summaries after each request would take longer than drawing the rows again.
    structuralSharing: false,
  });
  const cachedSummaries = () => client.getQueryData<Known>(queryKey) ?? none;

  const fetchMissing = async (keys: readonly string[]) => {
    if (id === undefined) return;
    const missing = keys.filter((key) => !Object.hasOwn(cachedSummaries(), key)).map(idIn);
    for (let from = 0; from < missing.length; from += tagsPerRequest) {
      const ids = missing.slice(from, from + tagsPerRequest);
      const found = await call("summaries", { parameters: { id }, body: { ids } });
      client.setQueryData<Known>(queryKey, (previous = none) => ({
        ...previous,
        ...Object.fromEntries(found.map((tag) => [keyOf(tag), tag.summary])),
      }));
    }
  };

  const keysOf = (rows: readonly TagRow[]) => rows.filter((row) => marksOf(row) !== null).map(keyOf);
  const missingInView = keysOf(inView).filter((key) => !Object.hasOwn(known, key));
  // As a query, a failed request is repeated like every other.
  useQuery({
    queryKey: [...queryKey, missingInView],
    enabled: missingInView.length > 0,
    queryFn: async () => {
      await fetchMissing(missingInView);
      return null;
    },
  });

  const summaryIn = (summaries: Known, row: TagRow): TagSummary | null =>
    marksOf(row) === null ? null : (summaries[keyOf(row)] ?? null);
  return {
    summaryOf: (row: TagRow) => summaryIn(known, row),
    /** Fetches the summaries of all these rows; returns a function that gives the summary of a row. */
    summariesOf: async (rows: readonly TagRow[]) => {
      await fetchMissing(keysOf(rows));
      return (row: TagRow) => summaryIn(cachedSummaries(), row);
    },
  };
}
