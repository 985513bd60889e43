import { valvePart } from "./part.ts";

/** A seat as a line offers it. */
export const seat = valvePart("seat", (valve) => valve.seat.offer, ["line", "seat.material"]);

export const seatMaterial = valvePart("seat.material", (valve) => valve.seat.material);
