/** Values of a flow passage at an opening. */
export interface PassagePoint {
  readonly openingPercent: number;
  /** Share of its fully open coefficient. */
  readonly share: number;
  readonly fl: number;
  readonly xt: number;
  readonly fd: number;
  /** Dynamic torque C_t, T = C_t·Δp·D³, where it tends to shut: opening overcomes it. */
  readonly torque: number;
  /** C_t where flow can push it open, by flow direction; the closing torque must overcome it. */
  readonly closingTorque: number;
}

/** How a closure passes flow, fully open and over its travel: typical figures. */
export interface Passage {
  /** Kv for each mm² of bore. */
  readonly kvPerMm2: number;
  /** Greatest over least coefficient it controls. */
  readonly rangeability: number;
  readonly points: readonly PassagePoint[];
}

type Row = readonly [opening: number, share: number, fl: number, xt: number, fd: number, torque: number];
/** A row, with `pushesOpen` at its opening. */
const points = (
  rows: readonly Row[],
  pushesOpen: (openingPercent: number, torque: number) => number = () => 0,
): readonly PassagePoint[] =>
  rows.map(([openingPercent, share, fl, xt, fd, torque]) => ({
    openingPercent,
    share,
    fl,
    xt,
    fd,
    torque,
    closingTorque: pushesOpen(openingPercent, torque),
  }));

/** An offset disc with its shaft downstream, or behind a bend, is pushed open by the flow once it is nearly open. */
const nearlyOpen: Readonly<Record<number, number>> = { 70: 0.004, 80: 0.016, 90: 0.03, 100: 0.02 };
const offAxis = (openingPercent: number) => nearlyOpen[openingPercent] ?? 0;
/** A plug turned out of the flow's way is pushed open where the flow enters below it, all along. */
const fromBelow = (_: number, torque: number) => torque;

const throughBall = points([
  [10, 0.006, 0.96, 0.72, 0.22, 0.002],
  [20, 0.025, 0.94, 0.68, 0.36, 0.004],
  [30, 0.055, 0.92, 0.62, 0.5, 0.007],
  [40, 0.1, 0.9, 0.55, 0.62, 0.011],
  [50, 0.16, 0.87, 0.48, 0.72, 0.016],
  [60, 0.24, 0.82, 0.41, 0.81, 0.022],
  [70, 0.35, 0.76, 0.34, 0.88, 0.028],
  [80, 0.51, 0.7, 0.27, 0.94, 0.03],
  [90, 0.74, 0.63, 0.2, 0.98, 0.018],
  [100, 1, 0.55, 0.14, 0.99, 0.002],
]);
const throughNotch = points([
  [10, 0.012, 0.95, 0.7, 0.3, 0.001],
  [20, 0.035, 0.94, 0.68, 0.42, 0.002],
  [30, 0.07, 0.93, 0.65, 0.52, 0.004],
  [40, 0.115, 0.92, 0.61, 0.6, 0.006],
  [50, 0.175, 0.9, 0.56, 0.68, 0.009],
  [60, 0.26, 0.87, 0.5, 0.75, 0.012],
  [70, 0.37, 0.83, 0.44, 0.82, 0.015],
  [80, 0.52, 0.78, 0.38, 0.88, 0.017],
  [90, 0.73, 0.72, 0.32, 0.93, 0.012],
  [100, 1, 0.66, 0.25, 0.97, 0.003],
]);
const pastDisc = points(
  [
    [10, 0.02, 0.92, 0.62, 0.2, 0.003],
    [20, 0.055, 0.9, 0.58, 0.3, 0.007],
    [30, 0.1, 0.88, 0.54, 0.38, 0.012],
    [40, 0.16, 0.86, 0.5, 0.45, 0.018],
    [50, 0.24, 0.83, 0.45, 0.52, 0.027],
    [60, 0.35, 0.78, 0.4, 0.58, 0.041],
    [70, 0.49, 0.72, 0.34, 0.63, 0.062],
    [80, 0.66, 0.67, 0.29, 0.67, 0.075],
    [90, 0.85, 0.62, 0.24, 0.7, 0.05],
    [100, 1, 0.58, 0.2, 0.71, 0.012],
  ],
  offAxis,
);
const pastPlug = points(
  [
    [10, 0.04, 0.92, 0.66, 0.3, 0.002],
    [30, 0.15, 0.9, 0.62, 0.38, 0.006],
    [50, 0.32, 0.88, 0.58, 0.42, 0.011],
    [70, 0.57, 0.86, 0.53, 0.46, 0.017],
    [90, 0.87, 0.83, 0.47, 0.48, 0.012],
    [100, 1, 0.82, 0.44, 0.49, 0.004],
  ],
  fromBelow,
);

/** Flow passages by closure; adding one is adding a row. Indicative: typical figures of each kind, not of a maker. */
const passages = {
  "ball bore": { kvPerMm2: 0.185, rangeability: 20, points: throughBall },
  "V-port": { kvPerMm2: 0.05, rangeability: 100, points: throughNotch },
  segment: { kvPerMm2: 0.042, rangeability: 100, points: throughNotch },
  disc: { kvPerMm2: 0.05, rangeability: 20, points: pastDisc },
  "plug port": { kvPerMm2: 0.07, rangeability: 20, points: throughBall },
  "eccentric plug": { kvPerMm2: 0.03, rangeability: 30, points: pastPlug },
  "tilting ball": { kvPerMm2: 0.04, rangeability: 15, points: pastPlug },
  "turned port": { kvPerMm2: 0.06, rangeability: 10, points: throughBall },
} as const satisfies Record<string, Passage>;

export type PassageId = keyof typeof passages;

/**
 * The flow passage of a closure.
 *
 * @param id as a construction names it
 * @returns typical figures
 * @source indicative: usual figures of quarter-turn valves, no maker's
 * @example passageOf("ball bore").rangeability // → 20
 */
export const passageOf = (id: PassageId): Passage => passages[id];
