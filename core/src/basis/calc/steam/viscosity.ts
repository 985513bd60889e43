const ofGas = [1.67752, 2.20462, 0.6366564, -0.241605] as const;

/** H_ij of table 2, as i, j, value. */
const ofDensity = [
  [0, 0, 0.520094],
  [1, 0, 0.0850895],
  [2, 0, -1.08374],
  [3, 0, -0.289555],
  [0, 1, 0.222531],
  [1, 1, 0.999115],
  [2, 1, 1.88797],
  [3, 1, 1.26613],
  [5, 1, 0.120573],
  [0, 2, -0.281378],
  [1, 2, -0.906851],
  [2, 2, -0.772479],
  [3, 2, -0.489837],
  [4, 2, -0.25704],
  [0, 3, 0.161913],
  [1, 3, 0.257399],
  [0, 4, -0.0325372],
  [3, 4, 0.0698452],
  [4, 5, 0.00872102],
  [3, 6, -0.00435673],
  [5, 6, -5.93264e-4],
] as const;

/**
 * Viscosity of water and steam, without the enhancement near the critical point.
 *
 * @param temperatureC °C
 * @param densityKgM3 kg/m³
 * @returns Pa·s
 * @source IAPWS R12-08, equations 10 to 12, μ₂ = 1
 * @example (waterViscosity(25, 998) * 1e6).toFixed(4) // → "889.7351"
 */
export function waterViscosity(temperatureC: number, densityKgM3: number): number {
  const reduced = (temperatureC + 273.15) / 647.096;
  const dense = densityKgM3 / 322;
  const dilute = (100 * Math.sqrt(reduced)) / ofGas.reduce((sum, h, i) => sum + h / reduced ** i, 0);
  const raised = ofDensity.reduce((sum, [i, j, h]) => sum + h * (1 / reduced - 1) ** i * (dense - 1) ** j, 0);
  return 1e-6 * dilute * Math.exp(dense * raised);
}
