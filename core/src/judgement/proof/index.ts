export { type AirPicture, airPicture } from "./air-picture.ts";
export { type BasisCost, basisCost } from "./basis-cost.ts";
export { candidateKey, keysIn, type ProvenCandidate } from "./candidate.ts";
export { type ChoiceKeys, findChoice, judgeChoice } from "./choice.ts";
export { constructionsIn } from "./constructions.ts";
export { type CorrosionBorder, type CorrosionPicture, corrosionPictures } from "./corrosion-picture.ts";
export { countsText, waitingAmong } from "./counts.ts";
export {
  type CandidateDescription,
  type DriveDescription,
  describeCandidate,
  describeDrive,
  describeValve,
  type ValveDescription,
} from "./describe.ts";
export { digestOf } from "./digest.ts";
export { type Drifted, type DriftOutcome, driftOf, type SheetDrift, turnedBetween } from "./drift.ts";
export { engineVersion } from "./engine.ts";
export { type Envelope, envelopeOf, type TemperatureEnd } from "./envelope.ts";
export { type FitUpPicture, fitUpPicture } from "./fit-up-picture.ts";
export { fittingSteps } from "./fitting-steps.ts";
export type { FittingLine } from "./fittings-picture.ts";
export {
  type FlowCaseShown,
  type FlowPicture,
  flowPicture,
  type TrimShown,
  type TrimTried,
  trimsTried,
} from "./flow-picture.ts";
export { type FlowStroke, flowStroke, type StrokePoint } from "./flow-stroke.ts";
export { type ListedProof, proveForList } from "./listing/prove-for-list.ts";
export { type Proof, prove } from "./prove.ts";
export { prover } from "./prover.ts";
export { type Order, orders, rank } from "./rank.ts";
export { readSheet, type UnreadableSheet } from "./read-sheet.ts";
export { reprove } from "./reprove.ts";
export { type SeatStep, seatLadder } from "./seat-ladder.ts";
export { type SectionData, sectionData } from "./section-data.ts";
export { drawUpSheet, overrideOf, type Sheet, type SheetDetails, sheetSchema } from "./sheet.ts";
export { type KindOnValve, sideBySide } from "./side-by-side.ts";
export { type StrokePicture, strokePicture } from "./stroke.ts";
export { type HeldBy, heldBy, marksOf, summarise, type TagMarks, type TagSummary } from "./summary.ts";
export { type SupplyLadder, supplyLadder } from "./supply-ladder.ts";
export { type TorquePicture, torquePicture } from "./torque-picture.ts";
