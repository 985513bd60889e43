import type { Rule } from "../rule.ts";
import { bodyBoiling } from "./body-boiling.ts";
import { capacity } from "./capacity.ts";
import { cavitation } from "./cavitation.ts";
import { characteristicAsked } from "./characteristic.ts";
import { choking } from "./choking.ts";
import { crackedJet } from "./cracked-jet.ts";
import { deadBand } from "./dead-band.ts";
import { expansionCold } from "./expansion-cold.ts";
import { filling } from "./filling.ts";
import { flashing } from "./flashing.ts";
import { gain } from "./gain.ts";
import { gasVelocity } from "./gas-velocity.ts";
import { lineAgrees } from "./line-agrees.ts";
import { liquidVelocity } from "./liquid-velocity.ts";
import { noise } from "./noise.ts";
import { openDrop } from "./open-drop.ts";
import { openingRange } from "./opening.ts";
import { outletMach } from "./outlet-mach.ts";
import { oversized } from "./oversized.ts";
import { passage } from "./passage.ts";
import { pipeBoiling } from "./pipe-boiling.ts";
import { pipeVelocity } from "./pipe-velocity.ts";
import { rangeability } from "./range.ts";
import { reverseFlow } from "./reverse.ts";
import { seatCavitation } from "./seat-cavitation.ts";
import { solidsVelocity } from "./solids-velocity.ts";
import { trimStated } from "./trim-stated.ts";
import { twoPhase } from "./two-phase.ts";
import { wireDrawing } from "./wire-drawing.ts";

/** Findings on flow. */
export const flowRules: readonly Rule[] = [
  trimStated,
  characteristicAsked,
  lineAgrees,
  capacity,
  openingRange,
  rangeability,
  oversized,
  gain,
  deadBand,
  choking,
  cavitation,
  seatCavitation,
  flashing,
  bodyBoiling,
  pipeBoiling,
  liquidVelocity,
  gasVelocity,
  outletMach,
  solidsVelocity,
  pipeVelocity,
  noise,
  passage,
  reverseFlow,
  openDrop,
  twoPhase,
  filling,
  crackedJet,
  wireDrawing,
  expansionCold,
];
