import type { TagRow } from "@proven-seat/contract";
import type { TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import { call } from "../../app/api.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { basisKey, type PinnedProject } from "./pinned-project.ts";

type Known = Readonly<Record<string, TagSummary>>;

const none: Known = {};
const atOnce = 500;
const keyOf = ({ id, version }: Pick<TagRow, "id" | "version">) => `${id}:${version}`;

/**
 * What was found of single tags, for sentences: thousands are not asked for before somebody looks. A result is of one
 * version of a tag and never changes, so it is held as long as the project is shown by the same basis.
 *
 * @param marksOf the marks of a row as it stands; nothing is found of a row without them
 * @param inView the rows somebody looks at now
 */
export function useSummaries(
  project: PinnedProject | undefined,
  marksOf: (row: TagRow) => TagMarks | null,
  inView: readonly TagRow[],
) {
  const client = useQueryClient();
  const id = project?.id;
  const basis = project ? basisKey(project) : "";
  // Filled by `load`, piece by piece: there is no one question whose answer it is.
  const { data: known } = useQuery({
    queryKey: queryKeys.summaries(id, basis),
    queryFn: () => none,
    initialData: none,
    enabled: false,
  });

  /** Asks for what is not known yet of some rows; returns when it is there. */
  const load = useCallback(
    async (rows: readonly TagRow[]) => {
      if (id === undefined) return;
      const queryKey = queryKeys.summaries(id, basis);
      const had = client.getQueryData<Known>(queryKey) ?? none;
      const missing = rows.filter((row) => marksOf(row) !== null && !Object.hasOwn(had, keyOf(row)));
      for (let from = 0; from < missing.length; from += atOnce) {
        const ids = missing.slice(from, from + atOnce).map((row) => row.id);
        const found = await call("summaries", { parameters: { id }, body: { ids } });
        client.setQueryData<Known>(queryKey, (held = none) => ({
          ...held,
          ...Object.fromEntries(found.map((one) => [keyOf(one), one.summary])),
        }));
      }
    },
    [client, id, basis, marksOf],
  );

  const wanted = inView.filter((row) => marksOf(row) !== null && !Object.hasOwn(known, keyOf(row)));
  const wantedKeys = wanted.map(keyOf).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the keys say which rows are wanted; the list is made at every drawing
  useEffect(() => {
    // A failure is said by the marks, which are asked for as well.
    if (wantedKeys !== "") void load(wanted).catch(() => undefined);
  }, [wantedKeys, load]);

  const summaryOf = (row: TagRow): TagSummary | null =>
    marksOf(row) === null ? null : (known[keyOf(row)] ?? null);
  /** The same after `load` in one go, before anything is drawn with it. */
  const summaryNow = (row: TagRow): TagSummary | null =>
    marksOf(row) === null
      ? null
      : (client.getQueryData<Known>(queryKeys.summaries(id, basis))?.[keyOf(row)] ?? null);
  return { summaryOf, summaryNow, load };
}
