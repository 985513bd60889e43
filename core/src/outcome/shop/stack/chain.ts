import type { StackLink } from "../../../basis/calc/seat-stack.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

/** A link that may be measured. */
export interface ChainLink extends StackLink {
  /** The measured value replaces nominal and tolerances; null where not measured. */
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

/** Wound springs scatter by a twentieth of their height (EN 15800, grade 2, roughly). */
const wound = (name: string, freeMm: number): ChainLink => {
  const tolerance = Number((0.05 * freeMm).toFixed(3));
  return { ...link(name, freeMm, 1), plusMm: tolerance, minusMm: tolerance };
};

/** Share of its thickness by which a seat is compressed at its highest permitted stress, and at its target. */
const atMost = 0.03;
const meant = 0.012;

/** Dimensions of a valve for a chain. */
interface Dimensions {
  readonly contactMm: number;
  readonly closureMm: number;
  /** Of a seat, from its face to its support. */
  readonly thicknessMm: number;
  /** From the centre of a ball to its contact circle. */
  readonly toCircleMm: number;
  /** Force at the highest permitted stress of the seat, N. */
  readonly mostLoadN: number;
  /** Rate of the springs that hold it; almost none where there are none. */
  readonly springLoadN: number;
}

/** A seat pressed by so many of its thicknesses between two parts. */
const pressed = (
  { thicknessMm, mostLoadN }: Dimensions,
  seats: number,
  links: SeatChain["links"],
): SeatChain => ({
  links,
  stiffnessNPerMm: mostLoadN / (atMost * thicknessMm * seats),
  mostLoadN,
});

/** Share of their set compression at which springs are solid. */
const solidAt = 2.5;

/** Chains by the part that presses the seat; each closes on its target. */
const chains = {
  "between two pockets": (dimensions) => {
    const { thicknessMm: t, toCircleMm } = dimensions;
    return pressed(dimensions, 2, [
      link("seat in the body, thickness", t, 1),
      link("ball between its contact circles", 2 * toCircleMm, 1),
      link("seat on the end-piece side, thickness", t, 1),
      link("shim behind the seat", 0.5, 1, true),
      link("depth between the seat pockets", 2 * toCircleMm + 2 * t + 0.5 - 2 * meant * t, -1),
    ]);
  },
  "under a retainer": (dimensions) => {
    const { thicknessMm: t, toCircleMm } = dimensions;
    return pressed(dimensions, 1, [
      link("seat thickness", t, 1),
      link("centre of the ball to the contact circle", toCircleMm, 1),
      link("retainer shoulder to face", t, 1, true),
      link("centre of the body to its face", toCircleMm + 2 * t - meant * t, -1),
    ]);
  },
  "on springs": ({ thicknessMm: t, toCircleMm, contactMm, springLoadN, mostLoadN }) => {
    const set = Math.min(4, Math.max(1, 0.02 * contactMm));
    const free = 4 * set;
    return {
      links: [
        wound("springs, free height", free),
        link("seat ring from its springs to its face", t, 1),
        link("centre of the ball to the contact circle", toCircleMm, 1),
        link("spacer behind the springs", 0.5, 1, true),
        link("centre of the body to the bottom of the pocket", free + t + toCircleMm + 0.5 - set, -1),
      ],
      stiffnessNPerMm: springLoadN / set,
      mostLoadN: Math.min(mostLoadN, solidAt * springLoadN),
    };
  },
  "round a disc": (dimensions) => {
    const { thicknessMm: t, closureMm } = dimensions;
    return pressed(dimensions, 1, [
      link("radius of the disc at its edge", closureMm / 2, 1),
      link("seat ring, section", t, 1, true),
      link("radius of the body behind the seat", closureMm / 2 + t - meant * t, -1),
    ]);
  },
  "round a plug": (dimensions) => {
    const { thicknessMm: t, closureMm } = dimensions;
    return pressed(dimensions, 1, [
      link("radius of the plug at its middle", closureMm / 2, 1),
      link("sleeve, wall", t, 1, true),
      link("radius of the body at its middle", closureMm / 2 + t - meant * t, -1),
    ]);
  },
} as const satisfies Record<string, (dimensions: Dimensions) => SeatChain>;
export type ChainKind = keyof typeof chains;

/**
 * The part that presses the seat of a construction.
 *
 * @param construction of a valve
 * @returns the kind of its chain; null where torque or sealant presses it, and no dimensions do
 * @source the construction's mechanics
 */
export function chainKind({ id, support, flows }: Valve["construction"]): ChainKind | null {
  if (flows === "V-port" || flows === "segment") return "under a retainer";
  if (support === "floating") return "between two pockets";
  if (id === "plug-sleeved") return "round a plug";
  if (support === "trunnion") return "on springs";
  return id === "butterfly-double-offset" || id === "butterfly-concentric" ? "round a disc" : null;
}

/**
 * The chain of a valve, from its dimensions.
 *
 * @param valve ball, disc or plug, seat and contact circle, mm; seat material; load of its springs, N
 * @returns links, stiffness and greatest load, an estimate to be written over from the maker's drawing or from measured
 *   parts; null where torque or sealant presses the seat, or it does not
 *   touch
 * @source ball between its contact circles 2·√(R² − r²); a seat pressed by 3 % at its allowable stress, meant to be by
 *   1.2 %; springs set by 2 % of the contact circle, solid at 2.5 times that (indicative)
 */
export function chainOf({ construction, size, seat }: Valve): SeatChain | null {
  const kind = chainKind(construction);
  // A seat with clearance is pressed by nothing.
  if (kind === null || seat.offer.execution === "clearance") return null;
  const { closureDiameterMm, seatContactDiameterMm, seatWidthMm, seatLoadN } = size.geometry;
  const radius = Math.max(closureDiameterMm, 1.02 * seatContactDiameterMm) / 2;
  return chains[kind]({
    contactMm: seatContactDiameterMm,
    closureMm: closureDiameterMm,
    thicknessMm: Math.max(3, 1.6 * seatWidthMm),
    toCircleMm: Math.sqrt(radius ** 2 - (seatContactDiameterMm / 2) ** 2),
    mostLoadN: seat.material.allowableStressMPa.at23C * Math.PI * seatContactDiameterMm * seatWidthMm,
    springLoadN: seatLoadN[seat.material.id] ?? 0,
  });
}
