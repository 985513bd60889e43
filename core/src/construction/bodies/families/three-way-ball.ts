import { type Construction, commonParts } from "../construction.ts";
import { wholeBall } from "./ball.ts";

/** A ball with a bent or branching port between three ends. */
export const threeWayBall = {
  ...wholeBall,
  flows: "turned port",
  support: "floating",
  rubbing: { by: "seats under thrust", seats: 1.35 },
  entry: "side entry, bolted end",
  ways: 3,
  limits: [
    "ports, torque and leak classification must be stated for each position",
    "floating ball: the unloaded seat leaks first",
  ],
  parts: [
    ...wholeBall.parts,
    commonParts.gasket,
    { id: "third", name: "third end", shows: ["body"], does: "Centre port of the body." },
  ],
  cavities: ["plain", "slot hole"],
  repairInLine: false,
  bodyJoints: 3,
  dirtyService: 1,
  fullBore: false,
  seatKinds: ["polymer"],
  bestShutOff: { polymer: "B" },
  builtTo: { "class 150": [15, 150], "class 300": [15, 100] },
} as const satisfies Partial<Construction>;
