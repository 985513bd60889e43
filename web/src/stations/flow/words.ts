import { figure, figureText, type Reading } from "@proven-seat/core/basis/units";
import type { FlowCaseShown, TrimShown } from "@proven-seat/core/judgement/proof";

/** State of a liquid, in a word or two. */
export const boilingWords: Readonly<Record<FlowCaseShown["boiling"], string>> = {
  none: "–",
  heard: "cavitation, audible",
  constant: "cavitation, constant",
  choked: "choked",
  flashing: "flashes",
};

/** The same in a column that has little room. */
export const shortBoiling: Readonly<Record<FlowCaseShown["boiling"], string>> = {
  none: "–",
  heard: "heard",
  constant: "constant",
  choked: "choked",
  flashing: "flashes",
};

export const openingWords = ({ openingPercent, beyond }: FlowCaseShown): string =>
  beyond === "above capacity"
    ? "too high"
    : beyond === "below range"
      ? "too low"
      : `${figure(openingPercent)} %`;

/** Velocity in the outlet, of a gas with its Mach number. */
export const velocityWords = ({ outletMS, mach }: FlowCaseShown, units: Reading): string =>
  `${figureText(outletMS, "m/s", units)}${mach === null ? "" : `, Mach ${figure(mach)}`}`;

export const noiseWords = ({ noiseDbA }: Pick<FlowCaseShown, "noiseDbA">): string =>
  noiseDbA === null ? "–" : `${Math.round(noiseDbA)} dB(A)`;

/** The selected trim, in a line. */
export const trimWords = (trim: TrimShown, units: Reading): string =>
  `${trim.name}, ${figureText(trim.kv, "Kv", units)} fully open${
    trim.typical ? ": typical values, an estimate" : `, rangeability ${figure(trim.rangeability)} : 1`
  }`;
