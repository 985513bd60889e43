import { documentKind } from "../../../basis/versions/kind.ts";
import { dimensionsAndArrangements } from "./2-dimensions-and-arrangements.ts";
import { whatStandsOnDrives } from "./3-what-stands-on-drives.ts";
import { whatPassesTheFlow } from "./4-what-passes-the-flow.ts";
import { whatFlowPushesOpen } from "./5-what-flow-pushes-open.ts";
import { howSeatsMeet } from "./6-how-seats-meet.ts";
import { liveLoadedPacking } from "./7-live-loading.ts";
import { boltedJointsStated } from "./8-bolted-joints.ts";
import { oneClosingFace } from "./9-one-closing-face.ts";

/** Catalogues; each one states its format. */
export const catalogueKind = documentKind("catalogue", [
  dimensionsAndArrangements,
  whatStandsOnDrives,
  whatPassesTheFlow,
  whatFlowPushesOpen,
  howSeatsMeet,
  liveLoadedPacking,
  boltedJointsStated,
  oneClosingFace,
]);
