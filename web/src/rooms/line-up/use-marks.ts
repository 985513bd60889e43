import type { TagRow } from "@proven-seat/contract";
import type { TagMarks } from "@proven-seat/core/judgement/proof";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { callAll } from "../../app/api.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { basisKey, type PinnedProject } from "./pinned-project.ts";

/** The marks of all tags of a project. Marks of an older version of a tag are not given. */
export function useMarks(project: PinnedProject | undefined) {
  const { data, error, refetch } = useQuery({
    queryKey: queryKeys.marks(project?.id, project ? basisKey(project) : ""),
    enabled: project !== undefined,
    staleTime: 0,
    queryFn: ({ signal }) => callAll("marks", { parameters: { id: project!.id }, signal }),
  });
  const byTag = useMemo(() => new Map(data?.map((found) => [found.id, found])), [data]);
  const marksOf = useCallback(
    (row: TagRow): TagMarks | null => {
      const found = byTag.get(row.id);
      return found?.version === row.version ? found.marks : null;
    },
    [byTag],
  );
  return { marksOf, read: data !== undefined, error, refetch };
}
