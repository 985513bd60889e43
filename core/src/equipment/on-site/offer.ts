import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer, Shelf } from "../catalogue/shelf.ts";
import { valveOnSite } from "./valve.ts";

/**
 * What a duty is proved against: a shelf, or in place of its valves the one that stands already.
 *
 * @param duty as entered
 * @param offer what is on offer
 * @returns the offer itself where no valve stands already
 */
export function offerFor<Of extends Offer | Shelf>(duty: Duty, offer: Of): Of {
  if (duty.onSite !== true) return offer;
  return {
    ...offer,
    valvesFor: () => valveOnSite(duty).flatMap(({ valves }) => valves),
    ...("sizesFor" in offer ? { sizesFor: () => valveOnSite(duty) } : {}),
  };
}
