import { useCallback } from "react";
import { useNavigate } from "react-router";
import { call } from "./api.ts";
import { inProject, useProject } from "./project.ts";
import { queryClient, useTagRows } from "./queries.ts";
import { queryKeys } from "./query-keys.ts";

/** State for the bench: the tag is new, so its number is selected for typing. */
export interface NewTagState {
  readonly newTag: true;
}

/** Creates a tag with a free number, and opens it on its duty. */
export function useAddTag(): () => Promise<void> {
  const project = useProject();
  const rows = useTagRows(project?.id).data;
  const navigate = useNavigate();
  return useCallback(async () => {
    if (!project) return;
    // Loaded on demand: the list of tags does not need the fields of a duty.
    const { newTag } = await import("./new-tag.ts");
    const tag = await call("createTag", {
      parameters: { id: project.id },
      body: newTag(project, rows ?? []),
    });
    void queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
    void navigate(inProject(project, `/tags/${tag.id}/duty`), {
      state: { newTag: true } satisfies NewTagState,
    });
  }, [project, rows, navigate]);
}
