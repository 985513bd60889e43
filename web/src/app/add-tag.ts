import { emptyDuty } from "@proven-seat/core/duty";
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { call } from "./api.ts";
import { queryClient, useProject, useTagRows } from "./queries.ts";

/** Says to the bench that the tag was made a moment ago: its number is to be written over. */
export interface NewTagState {
  readonly newTag: true;
}

/** Makes a tag with a number nobody has, and opens it on its duty. */
export function useAddTag(): () => Promise<void> {
  const project = useProject();
  const rows = useTagRows(project?.id).data;
  const navigate = useNavigate();
  return useCallback(async () => {
    if (!project) return;
    const used = new Set((rows ?? []).map((row) => row.number));
    let n = used.size + 1;
    while (used.has(`NEW-${n}`)) n++;
    const tag = await call("createTag", {
      parameters: { id: project.id },
      body: { number: `NEW-${n}`, duty: emptyDuty },
    });
    void queryClient.invalidateQueries({ queryKey: ["tags"] });
    void navigate(`/tags/${tag.id}/duty`, { state: { newTag: true } satisfies NewTagState });
  }, [project, rows, navigate]);
}
