import { tagKey } from "@proven-seat/core/basis/text";
import { emptyDuty, withDefaults } from "@proven-seat/core/duty";
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { call } from "./api.ts";
import { inProject, useProject } from "./project.ts";
import { queryClient, useTagRows } from "./queries.ts";
import { queryKeys } from "./query-keys.ts";

/** Says to the bench that the tag was made a moment ago: its number is to be written over. */
export interface NewTagState {
  readonly newTag: true;
}

/**
 * The next number of a numbering that nobody has, alike to the eye or not: the run of # is the figure, at least as
 * long.
 */
export function nextNumber(numbering: string, taken: readonly string[]): string {
  const used = new Set(taken.map(tagKey));
  const [before = "", run = "#", after = ""] = numbering.split(/(#+)/);
  const figures = taken.flatMap((number) => {
    const middle =
      number.startsWith(before) && number.endsWith(after)
        ? number.slice(before.length, number.length - after.length)
        : "";
    return /^\d{1,12}$/.test(middle) ? [Number(middle)] : [];
  });
  let n = figures.reduce((most, one) => Math.max(most, one), 0) + 1;
  const written = () => `${before}${String(n).padStart(run.length, "0")}${after}`;
  while (used.has(tagKey(written()))) n++;
  return written();
}

/** Makes a tag with a number nobody has, and opens it on its duty. */
export function useAddTag(): () => Promise<void> {
  const project = useProject();
  const rows = useTagRows(project?.id).data;
  const navigate = useNavigate();
  return useCallback(async () => {
    if (!project) return;
    const number = nextNumber(
      project.numbering,
      (rows ?? []).map((row) => row.number),
    );
    const tag = await call("createTag", {
      parameters: { id: project.id },
      body: { number, duty: withDefaults(emptyDuty, project.defaults).duty },
    });
    void queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
    void navigate(inProject(project, `/tags/${tag.id}/duty`), {
      state: { newTag: true } satisfies NewTagState,
    });
  }, [project, rows, navigate]);
}
