import type { TagContent } from "./content.ts";

interface Draft {
  readonly version: number;
  readonly content: TagContent;
  readonly unreadable: Record<string, string>;
}
/** Unsaved work on this device: it outlives a reload, a lost connection and a killed server. */
export declare function keepDraft(tagId: string, draft: Draft): void;
export declare function readDraft(tagId: string): Draft | null;
export declare function dropDraft(tagId: string): void;
//# sourceMappingURL=drafts.d.ts.map
