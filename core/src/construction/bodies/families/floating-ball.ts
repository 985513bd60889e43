import type { Construction } from "../construction.ts";
import { wholeBall } from "./ball.ts";

/** A ball between two seats, free to move against the downstream one. */
export const floatingBall = {
  ...wholeBall,
  support: "floating",
  rubbing: { by: "seats under thrust", seats: 1 },
  ways: 2,
  dirtyService: 1,
  strengths: ["tight shut-off at low cost", "quarter turn", "durable"],
  limits: [
    "line pressure seals on the downstream seat, so ball weight and torque limit size × class",
    "tightness at low differential pressure depends on seat preload",
  ],
} as const satisfies Partial<Construction>;
