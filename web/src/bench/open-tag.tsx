import { type ReactNode, useEffect } from "react";
import { Navigate, useParams } from "react-router";
import { inProject } from "../app/project.ts";
import { useTag } from "../app/queries.ts";
import { useReading } from "../app/reading.ts";
import { TagUnread } from "../app/tag-unread.tsx";
import { Notice } from "../parts/notice.tsx";
import { useBench } from "./bench-store.ts";
import { readDraft } from "./drafts.ts";
import { saveNow } from "./saving.ts";

/** How many rooms hold a tag open. */
const held = new Map<string, number>();

/** Opens the tag of the address, from the server or from an unsaved draft on this device. */
export function OpenTag({ rest, children }: { rest: string; children: (tagId: string) => ReactNode }) {
  const { project, tagId = "" } = useParams();
  const tag = useTag(tagId);
  const open = useBench((s) => s.tagId === tagId && s.content !== null);
  const setReading = useReading((s) => s.set);
  useEffect(() => setReading({ visited: true }), [setReading]);

  useEffect(() => {
    // A tag already on the bench is not opened again: a refetch must not undo typing.
    if (!tag.data || useBench.getState().tagId === tagId) return;
    const draft = readDraft(tagId);
    useBench.getState().open(tag.data, draft);
    useBench.temporal.getState().clear();
    // A draft of an older version must be compared with the server's version, not overwrite it.
    if (draft) useBench.getState().setSave({ kind: "unsaved" }, draft.version);
  }, [tag.data, tagId]);

  useEffect(() => {
    held.set(tagId, (held.get(tagId) ?? 0) + 1);
    return () => {
      held.set(tagId, held.get(tagId)! - 1);
      if (useBench.getState().tagId !== tagId) return;
      void saveNow().finally(() => {
        // Between rooms a tag stays open, because the next room already uses it.
        if (held.get(tagId) === 0 && useBench.getState().tagId === tagId)
          useBench.setState({ tagId: null, content: null });
      });
    };
  }, [tagId]);

  // Reached below another project's address, it is shown below its own.
  if (tag.data && project !== undefined && tag.data.projectId !== project)
    return <Navigate replace to={inProject({ id: tag.data.projectId }, `/tags/${tagId}/${rest}`)} />;
  if (tag.error && !open) return <TagUnread error={tag.error} onAgain={() => void tag.refetch()} />;
  if (!open) return <Notice title="Opening the tag …" />;
  return children(tagId);
}
