import type { Choice, Tag } from "@proven-seat/contract";
import { type Duty } from "@proven-seat/core/duty";
/** What a person edits of a tag. */
export interface TagContent {
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: Duty;
  readonly choice: Choice | null;
}
export declare const contentOf: ({ number, service, unit, duty, choice }: Tag) => TagContent;
/** Faults of a content by path, each with a sentence that says what to do. */
export declare function faultsOf(content: TagContent): Record<string, string>;
//# sourceMappingURL=content.d.ts.map
