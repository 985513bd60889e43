/** Specific gas constant of water, kJ/(kg·K). */
const gasConstant = 0.461526;

/** Water or steam at a pressure and a temperature. */
export interface WaterState {
  readonly densityKgM3: number;
  readonly enthalpyKJKg: number;
  readonly soundSpeedMS: number;
}

/** Derivatives of a dimensionless Gibbs energy, as the releases write them. */
export interface Gibbs {
  readonly pi: number;
  readonly tau: number;
  readonly gPi: number;
  readonly gPiPi: number;
  readonly gTau: number;
  readonly gTauTau: number;
  readonly gPiTau: number;
}

/**
 * Properties of a state from its Gibbs energy.
 *
 * @param g its derivatives by reduced pressure and inverse reduced temperature
 * @param kelvin temperature, K
 * @param pressureMPa pressure, MPa
 * @returns density, kg/m³, enthalpy, kJ/kg, speed of sound, m/s
 * @source IAPWS R7-97(2012), tables 3 and 12
 */
export function stateOf(g: Gibbs, kelvin: number, pressureMPa: number): WaterState {
  const rt = gasConstant * kelvin;
  const mixed = g.gPi - g.tau * g.gPiTau;
  const w2 = (1000 * rt * g.gPi * g.gPi) / (mixed ** 2 / (g.tau * g.tau * g.gTauTau) - g.gPiPi);
  return {
    densityKgM3: (1000 * pressureMPa) / (g.pi * g.gPi * rt),
    enthalpyKJKg: g.tau * g.gTau * rt,
    soundSpeedMS: Math.sqrt(w2),
  };
}

/** Powers of exponent I and J, and their factor. */
type Term = readonly [i: number, j: number, n: number];

/**
 * Sums Σ n·x^I·y^J and its derivatives.
 *
 * @param terms exponents and factors
 * @param x first variable
 * @param y second variable
 * @returns first and second derivatives
 * @source term by term
 */
export function derivatives(terms: readonly Term[], x: number, y: number) {
  let [dx, dxx, dy, dyy, dxy] = [0, 0, 0, 0, 0];
  for (const [i, j, factor] of terms) {
    const value = factor * x ** i * y ** j;
    const [byX, byY] = [(value * i) / x, (value * j) / y];
    dx += byX;
    dxx += (byX * (i - 1)) / x;
    dy += byY;
    dyy += (byY * (j - 1)) / y;
    dxy += (byX * j) / y;
  }
  return { dx, dxx, dy, dyy, dxy };
}
