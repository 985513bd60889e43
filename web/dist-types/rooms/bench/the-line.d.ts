import type { StationId, StationMark } from "./stations.ts";
/** The stations of the work in order, strung on a pipe; each with its bore mark. */
export declare function TheLine({
  marks,
  current,
  tagId,
}: {
  marks: readonly StationMark[];
  current: StationId;
  tagId: string;
}): import("react").JSX.Element;
//# sourceMappingURL=the-line.d.ts.map
