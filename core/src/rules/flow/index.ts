import type { Rule } from "../rule.ts";
import { capacity } from "./capacity.ts";
import { cavitation } from "./cavitation.ts";
import { choking } from "./choking.ts";
import { expansionCold } from "./expansion-cold.ts";
import { flashing } from "./flashing.ts";
import { gain } from "./gain.ts";
import { gasVelocity } from "./gas-velocity.ts";
import { liquidVelocity } from "./liquid-velocity.ts";
import { noise } from "./noise.ts";
import { openDrop } from "./open-drop.ts";
import { openingRange } from "./opening.ts";
import { outletMach } from "./outlet-mach.ts";
import { oversized } from "./oversized.ts";
import { passage } from "./passage.ts";
import { pipeVelocity } from "./pipe-velocity.ts";
import { rangeability } from "./range.ts";
import { reverseFlow } from "./reverse.ts";
import { solidsVelocity } from "./solids-velocity.ts";
import { trimStated } from "./trim-stated.ts";

/** Findings about what flows. */
export const flowRules: readonly Rule[] = [
  trimStated,
  capacity,
  openingRange,
  rangeability,
  oversized,
  gain,
  choking,
  cavitation,
  flashing,
  liquidVelocity,
  gasVelocity,
  outletMach,
  solidsVelocity,
  pipeVelocity,
  noise,
  passage,
  reverseFlow,
  openDrop,
  expansionCold,
];
