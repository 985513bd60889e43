import { constructionNamed } from "../bodies/constructions.ts";
import { butterflyViews } from "./butterfly.ts";
import { floatingViews } from "./floating.ts";
import { notchedViews } from "./notched.ts";
import { plugViews } from "./plug.ts";
import { eccentricPlugViews } from "./plug-eccentric.ts";
import { type Drawing, roomOf, type SectionOf, type View } from "./shape.ts";
import { threeWayViews } from "./three-way.ts";
import { tiltAwayViews } from "./tilt-away.ts";
import { trunnionViews } from "./trunnion.ts";

/** How each construction is drawn. */
const drawings: Readonly<Record<string, (section: SectionOf) => Drawing[]>> = {
  "floating-one-piece": floatingViews("one-piece"),
  "floating-two-piece": floatingViews("two-piece"),
  "floating-three-piece": floatingViews("three-piece"),
  "trunnion-side-entry": trunnionViews("side entry"),
  "trunnion-welded": trunnionViews("welded"),
  "trunnion-top-entry": trunnionViews("top entry"),
  "tilt-away": tiltAwayViews,
  "v-port-ball": notchedViews("ball"),
  "segment-ball": notchedViews("segment"),
  "butterfly-concentric": butterflyViews("concentric"),
  "butterfly-double-offset": butterflyViews("double"),
  "butterfly-triple-offset": butterflyViews("triple"),
  "plug-sleeved": plugViews("sleeved"),
  "plug-lubricated": plugViews("lubricated"),
  "plug-eccentric": eccentricPlugViews,
  "three-way-l": threeWayViews("L"),
  "three-way-t": threeWayViews("T"),
};

/**
 * Sections through a construction, drawn from its dimensions: along the stem and from above.
 *
 * @param construction id of a construction
 * @param section dimensions in mm, opening 0–90°, cavity arrangement, thrust and seat load in N
 * @returns two views in millimetres, y upwards; none for an id that is not a construction
 * @source mechanics of each construction; walls and flanges in the drawing's own proportions
 */
export function sectionViews(construction: string, section: SectionOf): View[] {
  const parts = new Set(constructionNamed(construction)?.parts.map((p) => p.id));
  return (drawings[construction]?.(section) ?? []).map((drawing) => ({
    ...drawing,
    places: drawing.places.filter((p) => parts.has(p.part)),
    box: roomOf(drawing),
  }));
}
