import { dutyKind } from "@proven-seat/core/duty";
import type { TagContent } from "./content.ts";

interface Draft {
  readonly version: number;
  readonly content: TagContent;
  readonly unreadable: Record<string, string>;
}

const keyOf = (tagId: string) => `proven-seat-draft-${tagId}`;

/** Unsaved work on this device: it outlives a reload, a lost connection and a killed server. */
export function keepDraft(tagId: string, draft: Draft): void {
  try {
    localStorage.setItem(keyOf(tagId), JSON.stringify(draft));
  } catch {
    // A full or forbidden store cannot keep a draft; the save state still shows "not saved".
  }
}

export function readDraft(tagId: string): Draft | null {
  try {
    const text = localStorage.getItem(keyOf(tagId));
    if (text === null) return null;
    const draft = JSON.parse(text) as Draft;
    // A draft may be older than the release that reads it.
    const duty = dutyKind.upcast(draft.content.duty);
    return "code" in duty
      ? null
      : { ...draft, content: { ...draft.content, duty: duty.document as unknown as TagContent["duty"] } };
  } catch {
    return null;
  }
}

export function dropDraft(tagId: string): void {
  try {
    localStorage.removeItem(keyOf(tagId));
  } catch {
    // If nothing can be removed, nothing was stored.
  }
}
