import { type Construction, commonParts } from "../construction.ts";
import { floatingBall } from "./floating-ball.ts";

/** A floating ball in a body bolted together from pieces. */
export const splitFloatingBall = {
  ...floatingBall,
  parts: [...floatingBall.parts, commonParts.gasket],
  cavities: ["plain", "self-relieving seat", "slot hole", "upstream hole", "cavity filler"],
  fullBore: true,
  seatKinds: ["polymer", "metal"],
  bestShutOff: { polymer: "A", metal: "D" },
} as const satisfies Partial<Construction>;
