import { butterflyConcentric } from "./butterfly-concentric.ts";
import { butterflyDoubleOffset } from "./butterfly-double-offset.ts";
import { butterflyTripleOffset } from "./butterfly-triple-offset.ts";
import type { Construction } from "./construction.ts";
import { floatingOnePiece } from "./floating-one-piece.ts";
import { floatingThreePiece } from "./floating-three-piece.ts";
import { floatingTwoPiece } from "./floating-two-piece.ts";
import { plugEccentric } from "./plug-eccentric.ts";
import { plugLubricated } from "./plug-lubricated.ts";
import { plugSleeved } from "./plug-sleeved.ts";
import { segmentBall } from "./segment-ball.ts";
import { threeWayL } from "./three-way-l.ts";
import { threeWayT } from "./three-way-t.ts";
import { tiltAway } from "./tilt-away.ts";
import { trunnionSideEntry } from "./trunnion-side-entry.ts";
import { trunnionTopEntry } from "./trunnion-top-entry.ts";
import { trunnionWelded } from "./trunnion-welded.ts";
import { vPortBall } from "./v-port-ball.ts";

/** Every construction, in the order people weigh them. */
export const constructions: readonly Construction[] = [
  floatingOnePiece,
  floatingTwoPiece,
  floatingThreePiece,
  trunnionSideEntry,
  trunnionWelded,
  trunnionTopEntry,
  tiltAway,
  vPortBall,
  segmentBall,
  butterflyConcentric,
  butterflyDoubleOffset,
  butterflyTripleOffset,
  plugSleeved,
  plugLubricated,
  plugEccentric,
  threeWayL,
  threeWayT,
];

const byId = new Map(constructions.map((construction) => [construction.id, construction]));

/**
 * A construction by id.
 *
 * @param id for example "trunnion-side-entry"
 * @returns the construction, or undefined when there is none of that id
 * @source one file each in this folder
 * @example constructionNamed("plug-sleeved").holdsCavity // → false
 */
export function constructionNamed(id: string): Construction | undefined {
  return byId.get(id);
}
