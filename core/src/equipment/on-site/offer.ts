import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer, Shelf } from "../catalogue/shelf.ts";
import { valveOnSite } from "./valve.ts";

/**
 * Offer that a duty is proved against: a shelf, or the installed valve in place of its valves.
 *
 * @param duty as entered
 * @param offer the shelf
 * @returns the offer itself where no valve is installed
 */
export function offerFor<Of extends Offer | Shelf>(duty: Duty, offer: Of): Of {
  if (duty.onSite !== true) return offer;
  return {
    ...offer,
    valvesFor: () => valveOnSite(duty).flatMap(({ valves }) => valves),
    ...("sizesFor" in offer ? { sizesFor: () => valveOnSite(duty) } : {}),
  };
}
