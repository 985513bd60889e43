import type { Construction } from "../construction.ts";
import { wholeBall } from "./ball.ts";

/** A ball held above and below, between seats that springs and line pressure urge to it. */
export const trunnionBall = {
  ...wholeBall,
  support: "trunnion",
  rubbing: { by: "sprung seats", count: 2 },
  ways: 2,
  dirtyService: 2,
  fullBore: true,
  strengths: [
    "ball held in bearings: springs seal the seats from zero differential pressure",
    "low torque, smaller actuator",
    "double block and bleed where the cavity can be bled",
  ],
  parts: [
    ...wholeBall.parts,
    {
      id: "trunnion",
      name: "lower trunnion",
      shows: ["trunnion", "body"],
      does: "Carries the ball together with the stem. Line thrust goes into the body, not into the seat.",
    },
    { id: "bearings", does: "Carry the thrust of the closed ball." },
    {
      id: "springs",
      name: "seat springs",
      shows: ["upstream-springs", "downstream-springs"],
      does: "Press the seats onto the ball at zero differential pressure.",
    },
    {
      id: "seat-seals",
      name: "seat ring seals",
      shows: ["upstream-rings", "downstream-rings", "upstream-fire", "downstream-fire"],
      does: "Seal behind the seats.",
    },
  ],
  cavities: ["two self-relieving", "self-relieving + double-piston", "two double-piston"],
  seatKinds: ["polymer", "metal"],
  bestShutOff: { polymer: "A", metal: "D" },
  builtTo: {
    "class 150": [50, 1200],
    "class 300": [50, 1200],
    "class 600": [50, 1200],
    "class 900": [50, 900],
    "class 1500": [50, 600],
  },
} as const satisfies Partial<Construction>;
