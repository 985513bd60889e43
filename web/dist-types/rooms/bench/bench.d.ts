import { type StationId } from "./stations.ts";
/** One tag: the line across the top, duty left, the deciding picture in the centre, findings right. */
export declare function Bench({
  tagId,
  station,
}: {
  tagId: string;
  station: StationId;
}): import("react").JSX.Element;
//# sourceMappingURL=bench.d.ts.map
