import type { TagContent } from "./content.ts";
export interface ContentDifference {
  readonly path: string;
  readonly yours: string;
  readonly theirs: string;
}
/** What two versions of a tag differ in, field by field. */
export declare function differencesBetween(yours: TagContent, theirs: TagContent): ContentDifference[];
//# sourceMappingURL=differences.d.ts.map
