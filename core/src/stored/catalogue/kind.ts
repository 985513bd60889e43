import { documentKind } from "../kind.ts";
import { dimensionsAndArrangements } from "./2-dimensions-and-arrangements.ts";
import { whatStandsOnDrives } from "./3-what-stands-on-drives.ts";
import { whatPassesTheFlow } from "./4-what-passes-the-flow.ts";
import { whatFlowPushesOpen } from "./5-what-flow-pushes-open.ts";
import { seatsAndLiveLoading } from "./6-seats-and-live-loading.ts";

/** Catalogues; every one names its format. */
export const catalogueKind = documentKind("catalogue", [
  dimensionsAndArrangements,
  whatStandsOnDrives,
  whatPassesTheFlow,
  whatFlowPushesOpen,
  seatsAndLiveLoading,
]);
