import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { DriveEnd, StemEnd } from "../../construction/ends/forms.ts";
import { keysCarryNm } from "../../construction/ends/keys.ts";
import { throughMm, torsionMm3 } from "../../construction/ends/strength.ts";
import type { Made } from "../../equipment/accessories/stock.ts";

/** A coupling between a stem and a drive whose bore it does not fit: a socket below, an end above. */
export interface Coupling {
  readonly socket: StemEnd;
  readonly socketDepthMm: number;
  /** The end that enters the actuator. */
  readonly end: StemEnd;
  readonly outsideMm: number;
  readonly lengthMm: number;
  /** Length of the solid part between socket and end. */
  readonly solidMm: number;
  readonly weightKg: number;
  /** Torque it carries: the least of socket wall, end and keys. */
  readonly carriesNm: number;
  readonly weakest: "socket wall" | "its upper end" | "stem key" | "actuator key" | "maker's rating";
  /** Standard part; null where it is made to order. */
  readonly made: Made | null;
}

const bars = [
  20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80, 90, 100, 110, 125, 140, 160, 180, 200, 225, 250, 280, 320, 360,
  400, 450, 500, 560,
];
const steelKgPerMm3 = 7.85e-6;

/** Length of an end, in widths, at which it carries its full torque. */
const longEnough = 1.5;

/** Torque an end carries by itself and by its keys, N·m. */
function endCarries(end: StemEnd, allowedMPa: number): { readonly solidNm: number; readonly keyNm: number } {
  const { form, acrossMm, heightMm, keys } = end;
  return {
    solidNm: (torsionMm3(form, acrossMm) / 1000) * 0.577 * allowedMPa,
    keyNm:
      form === "keyed"
        ? (keysCarryNm(keys ?? 1, acrossMm, heightMm, allowedMPa) ?? 0)
        : Number.POSITIVE_INFINITY,
  };
}

/**
 * The end that enters an actuator: the shape of its bore; for a blank, the shape of the stem, as thick as the peak
 * needs and the blank allows.
 */
function upperEnd(bore: DriveEnd, stem: StemEnd, peakNm: number, allowedMPa: number): StemEnd {
  const ofWidth = (form: StemEnd["form"], acrossMm: number): StemEnd => ({
    form,
    acrossMm,
    heightMm: Math.min(0.95 * bore.depthMm, longEnough * acrossMm),
    flats: stem.flats,
    keys: stem.keys,
  });
  if (bore.form === "double square") return ofWidth("square parallel", bore.acrossMm);
  if (bore.form !== "blank insert") return ofWidth(bore.form, bore.acrossMm);
  // The exposed height of a key does not grow in proportion: the search steps by whole millimetres.
  let { acrossMm } = stem;
  while (throughMm(stem.form, acrossMm) > bore.acrossMm) acrossMm = Math.ceil(acrossMm) - 1;
  for (;;) {
    const end = ofWidth(stem.form, acrossMm);
    const { solidNm, keyNm } = endCarries(end, allowedMPa);
    if (Math.min(solidNm, keyNm) >= peakNm || throughMm(stem.form, acrossMm + 1) > bore.acrossMm) return end;
    acrossMm += 1;
  }
}

/**
 * A coupling made to order for a stem and an actuator.
 *
 * @param stem end of the stem, mm
 * @param bore of the drive, mm
 * @param peakNm torque to transmit, N·m
 * @param house yield strength of its steel, usable share
 * @returns the thinnest bar whose socket carries the peak, or the thickest available, with the capacity of each part
 * @source torsion: socket π/16·(D⁴ − h⁴)/D with h the circle round the stem, ends as `torsionMm3`, keys as
 *   `keysCarryNm`; shear is allowed 0.577 of the tension
 * @example couplingFor({ form: "square parallel", acrossMm: 22, heightMm: 26, flats: null, keys: null }, { form: "double square", acrossMm: 17, depthMm: 19 }, 150, defaultHouseRules()).weakest // → "its upper end"
 */
export function couplingFor(stem: StemEnd, bore: DriveEnd, peakNm: number, house: HouseRules): Coupling {
  const allowedMPa = (house.stressSharePercent / 100) * house.couplingYieldMPa;
  const shearMPa = 0.577 * allowedMPa;
  const end = upperEnd(bore, stem, peakNm, allowedMPa);
  const hole = throughMm(stem.form, stem.acrossMm);
  const wallNm = (d: number) => (((Math.PI / 16) * (d ** 4 - hole ** 4)) / d / 1000) * shearMPa;
  const thick = bars.filter((d) => d >= hole + 8);
  const outsideMm =
    thick.find((d) => wallNm(d) >= peakNm) ?? thick.at(-1) ?? Math.ceil((hole * 1.3 + 10) / 10) * 10;
  const socketDepthMm = stem.heightMm;
  const solidMm = Math.ceil(0.5 * Math.max(stem.acrossMm, end.acrossMm));
  const ofEnd = endCarries(end, allowedMPa);
  const parts = [
    ["socket wall", wallNm(outsideMm)],
    ["its upper end", ofEnd.solidNm],
    ["stem key", endCarries({ ...stem, heightMm: socketDepthMm }, allowedMPa).keyNm],
    ["actuator key", ofEnd.keyNm],
  ] as const;
  const [weakest, carriesNm] = parts.reduce((least, part) => (part[1] < least[1] ? part : least));
  const volume =
    (Math.PI / 4) * (outsideMm ** 2 * (socketDepthMm + solidMm) - (0.8 * hole) ** 2 * socketDepthMm) +
    end.acrossMm ** 2 * end.heightMm;
  return {
    socket: stem,
    socketDepthMm,
    end,
    outsideMm,
    lengthMm: socketDepthMm + solidMm + end.heightMm,
    solidMm,
    weightKg: volume * steelKgPerMm3,
    carriesNm,
    weakest,
    made: null,
  };
}

/**
 * A drawn coupling as long as its bracket asks.
 *
 * @param coupling made to order
 * @param heightMm from the pad of the valve to the flange of the drive
 * @returns the coupling, the solid part between socket and end so long that the end begins where the drive does
 * @example reaching(couplingFor({ form: "square parallel", acrossMm: 22, heightMm: 26, flats: null, keys: null }, { form: "double square", acrossMm: 17, depthMm: 19 }, 150, defaultHouseRules()), 90).solidMm // → 64
 */
export function reaching(coupling: Coupling, heightMm: number): Coupling {
  const solidMm = Math.max(coupling.solidMm, heightMm - coupling.socketDepthMm);
  const moreMm = solidMm - coupling.solidMm;
  return {
    ...coupling,
    solidMm,
    lengthMm: coupling.lengthMm + moreMm,
    weightKg: coupling.weightKg + (Math.PI / 4) * coupling.outsideMm ** 2 * moreMm * steelKgPerMm3,
  };
}
