import type { StackLink } from "../../calc/seat-stack.ts";
import type { Valve } from "../../catalogue/valve.ts";

/** A link somebody may have measured. */
export interface ChainLink extends StackLink {
  /** What was measured stands before nominal and tolerances; null where nothing was. */
  readonly measuredMm: number | null;
  /** Picked out of a stock to bring the load where it belongs. */
  readonly picked: boolean;
}

/** The chain of dimensions that presses a valve's seat. */
export interface SeatChain {
  readonly links: readonly ChainLink[];
  readonly stiffnessNPerMm: number;
  /** Load at which the seat is stressed as far as it may be, N. */
  readonly mostLoadN: number;
}

/** How dimensions of a body scatter, of its size: indicative, of a good workshop. */
const toleranceOf = (mm: number): number => Number((0.01 + 0.00015 * mm).toFixed(3));

const link = (name: string, nominalMm: number, sense: 1 | -1, picked = false): ChainLink => {
  const nominal = Number(nominalMm.toFixed(3));
  const tolerance = toleranceOf(nominal);
  return { name, nominalMm: nominal, plusMm: tolerance, minusMm: tolerance, sense, measuredMm: null, picked };
};

/** Of its thickness, by which a seat is pressed when it is stressed as far as it may be; and by which it is meant to be. */
const atMost = 0.03;
const meant = 0.012;

/**
 * The chain of a valve, from its dimensions.
 *
 * @param valve ball, seat and contact circle, mm; seat material
 * @returns links, stiffness and greatest load, an estimate to be written over from the maker's drawing or from measured
 *   parts; null where no chain of the body presses the seat: springs do, or it does not rub
 * @source ball between its contact circles 2·√(R² − r²); a seat pressed by 3 % at its allowable stress, meant to be by
 *   1.2 % (indicative)
 */
export function chainOf(valve: Valve): SeatChain | null {
  const { construction, size, seat } = valve;
  const { closureDiameterMm, seatContactDiameterMm, seatWidthMm } = size.geometry;
  const notched = construction.flows === "V-port" || construction.flows === "segment";
  if (construction.support !== "floating" && !notched) return null;
  const thickness = Math.max(3, 1.6 * seatWidthMm);
  const radius = Math.max(closureDiameterMm, 1.02 * seatContactDiameterMm) / 2;
  const toCircle = Math.sqrt(radius ** 2 - (seatContactDiameterMm / 2) ** 2);
  const areaMm2 = Math.PI * seatContactDiameterMm * seatWidthMm;
  const mostLoadN = seat.material.allowableStressMPa.at23C * areaMm2;
  const seats = notched ? 1 : 2;
  const pressed = meant * thickness * seats;
  const links = notched
    ? [
        link("seat thickness", thickness, 1),
        link("centre of the ball to the contact circle", toCircle, 1),
        link("retainer shoulder to face", thickness, 1, true),
        link("centre of the body to its face", toCircle + 2 * thickness - pressed, -1),
      ]
    : [
        link("seat in the body, thickness", thickness, 1),
        link("ball between its contact circles", 2 * toCircle, 1),
        link("seat on the side that opens, thickness", thickness, 1),
        link("shim behind the seat", 0.5, 1, true),
        link("depth between the seat pockets", 2 * toCircle + 2 * thickness + 0.5 - pressed, -1),
      ];
  return { links, stiffnessNPerMm: mostLoadN / (atMost * thickness * seats), mostLoadN };
}
