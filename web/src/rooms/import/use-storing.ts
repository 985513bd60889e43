import type { Project } from "@proven-seat/contract";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem } from "../../app/api.ts";
import { inProject } from "../../app/project.ts";
import { storeList } from "./store-list.ts";
import type { ListInWork } from "./use-list.ts";
import type { RevisionInWork } from "./use-revision.ts";

/** Stores the list, or its valid rows with the rest as a draft, and opens the line-up. */
export function useStoring(
  project: Project | undefined,
  list: ListInWork,
  { accepted, gone, removed }: RevisionInWork,
) {
  const navigate = useNavigate();
  const [working, setWorking] = useState(false);
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
      list.setFailure(`${(error as Error).message}${stale ? " Check the changes again, then store." : ""}`);
      await list.tagRows.refetch();
      setWorking(false);
    }
  };
  return { working, store };
}
