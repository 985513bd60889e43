import type { Tag } from "@proven-seat/contract";
import { useEffect } from "react";
import { ApiProblem, call } from "../app/api.ts";
import { queryClient } from "../app/queries.ts";
import { queryKeys } from "../app/query-keys.ts";
import { useBench } from "./bench-store.ts";
import { contentOf } from "./content.ts";
import { differencesBetween } from "./differences.ts";
import { dropDraft, keepDraft } from "./drafts.ts";
import { faultsOf } from "./faults.ts";

const pause = 500;
const retryAfter = 3000;

let running: Promise<void> | null = null;

async function saveOnce(): Promise<void> {
  const { tagId, version, content, unreadable, setSave } = useBench.getState();
  if (!tagId || !content) return;
  const faults = Object.keys(faultsOf(content)).length + Object.keys(unreadable).length;
  if (faults > 0)
    return setSave({
      kind: "kept",
      why: `correct ${faults} ${faults === 1 ? "entry" : "entries"} before saving`,
    });
  setSave({ kind: "saving" });
  try {
    const body = { ...content, version };
    markSaved(tagId, content, unreadable, await call("saveTag", { parameters: { id: tagId }, body }));
  } catch (error) {
    if (useBench.getState().tagId !== tagId) return;
    if (!(error instanceof ApiProblem))
      return setSave({ kind: "kept", why: "the server cannot be reached, trying again" });
    const { current, detail } = error.problem;
    // A repeated save whose first answer was lost is refused because its content is stored already.
    if (current && differencesBetween(content, contentOf(current)).length === 0)
      markSaved(tagId, content, unreadable, current);
    else setSave(current ? { kind: "stale", current } : { kind: "kept", why: detail });
  }
}

type Bench = ReturnType<typeof useBench.getState>;

/** The sent content is stored: the bench continues from the new version. */
function markSaved(
  tagId: string,
  content: Bench["content"],
  unreadable: Bench["unreadable"],
  stored: Tag,
): void {
  const now = useBench.getState();
  if (now.tagId !== tagId) return;
  // An unreadable entry changes no content, but it is an edit.
  const editedMeanwhile = now.content !== content || now.unreadable !== unreadable;
  now.setSave(
    editedMeanwhile ? { kind: "unsaved" } : { kind: "saved", at: new Date(stored.updatedAt) },
    stored.version,
  );
  if (editedMeanwhile)
    keepDraft(tagId, { version: stored.version, content: now.content!, unreadable: now.unreadable });
  else dropDraft(tagId);
  queryClient.setQueryData(queryKeys.tag(tagId), stored);
  void queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
}

/** Saves the present content of the bench; calls during a save wait for it. */
export async function saveNow(): Promise<void> {
  while (running) await running;
  if (useBench.getState().save.kind === "saved") return;
  running = saveOnce().finally(() => {
    running = null;
  });
  await running;
}

/** Keeps every edit on this device at once and saves it after a pause; a lost server is tried again. */
export function useAutosave(): void {
  const content = useBench((s) => s.content);
  const unreadable = useBench((s) => s.unreadable);
  const save = useBench((s) => s.save);
  const tagId = useBench((s) => s.tagId);

  useEffect(() => {
    if (!tagId || !content || save.kind === "saved") return;
    keepDraft(tagId, { version: useBench.getState().version, content, unreadable });
  }, [tagId, content, unreadable, save.kind]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: an entry that became readable is worth a new try
  useEffect(() => {
    if (!content || (save.kind !== "unsaved" && save.kind !== "kept")) return;
    const timer = setTimeout(() => void saveNow(), save.kind === "kept" ? retryAfter : pause);
    return () => clearTimeout(timer);
  }, [content, unreadable, save]);

  useEffect(() => {
    const soon = () => void saveNow();
    window.addEventListener("online", soon);
    return () => window.removeEventListener("online", soon);
  }, []);
}
