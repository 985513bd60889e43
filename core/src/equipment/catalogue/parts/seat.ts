import { valvePart } from "./part.ts";

/** A seat as a line offers it. */
export const seat = valvePart("seat", "seat", (valve) => valve.seat.offer, ["line", "seat.material"]);

export const seatMaterial = valvePart("seat.material", "seat", (valve) => valve.seat.material);
