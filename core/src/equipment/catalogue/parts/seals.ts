import { valvePart } from "./part.ts";

/** Stem seal, rings, packing and gaskets, as a line offers them in a set. */
export const seals = valvePart("seals", "seals", (valve) => valve.seals.offer, ["line"]);
