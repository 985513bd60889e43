/** Third-octave bands and how loud they are through a pipe's wall. */

/** Centres, Hz, with their A-weight, dB. */
const bands: readonly (readonly [hz: number, weightDb: number])[] = [
  [12.5, -63.4],
  [16, -56.7],
  [20, -50.5],
  [25, -44.7],
  [31.5, -39.4],
  [40, -34.6],
  [50, -30.2],
  [63, -26.2],
  [80, -22.5],
  [100, -19.1],
  [125, -16.1],
  [160, -13.4],
  [200, -10.9],
  [250, -8.6],
  [315, -6.6],
  [400, -4.8],
  [500, -3.2],
  [630, -1.9],
  [800, -0.8],
  [1000, 0],
  [1250, 0.6],
  [1600, 1],
  [2000, 1.2],
  [2500, 1.3],
  [3150, 1.2],
  [4000, 1],
  [5000, 0.5],
  [6300, -0.1],
  [8000, -1.1],
  [10_000, -2.5],
  [12_500, -4.3],
  [16_000, -6.6],
  [20_000, -9.3],
];

/** Steel and air around it, as the standards take them. */
export const pipeAndAir = {
  pipeSoundMS: 5000,
  steelKgM3: 7800,
  airSoundMS: 343,
  airImpedance: 415,
  airKgM3: 1.2,
} as const;

/**
 * Decibels of a ratio of powers.
 *
 * @param ratio above 0
 * @returns dB
 * @source definition
 * @example decibels(100) // → 20
 */
export const decibels = (ratio: number): number => 10 * Math.log10(ratio);

/**
 * Ratio of powers of a level.
 *
 * @param db level, dB
 * @returns ratio
 * @source definition
 * @example energy(20) // → 100
 */
export const energy = (db: number): number => 10 ** (db / 10);

/** A pipe around a noise, m. */
export interface Pipe {
  readonly innerM: number;
  readonly wallM: number;
}

const weighted = bands.map(([hz, weightDb]) => [hz, energy(weightDb)] as const);

/**
 * How much louder it is outside a pipe than a band of unit energy inside.
 *
 * @param pipe inner diameter and wall, m
 * @param inside energy inside at a frequency, Hz
 * @param through share that the wall lets through
 * @returns A-weighted, 1 m from the outer wall, dB over the level inside
 * @source IEC 60534-8-3:2010 and -8-4:2015: spread from the wall to 1 m, bands summed in energy
 */
export function outsideLevel(
  { innerM, wallM }: Pipe,
  inside: (hz: number) => number,
  through: (hz: number) => number,
): number {
  const outerM = innerM + 2 * wallM;
  let sum = 0;
  for (const [hz, weight] of weighted) sum += inside(hz) * through(hz) * weight;
  return decibels((sum * outerM) / (outerM + 2));
}

/**
 * Diameter of the jet in a trim.
 *
 * @param cv flow coefficient, US gal/min
 * @param fl liquid pressure recovery factor
 * @param fd valve style modifier
 * @returns m
 * @source IEC 60534-8-3:2010: 4.6e-3·F_d·√(C·F_L)
 */
export const jetDiameterM = (cv: number, fl: number, fd: number): number => 0.0046 * fd * Math.sqrt(cv * fl);
