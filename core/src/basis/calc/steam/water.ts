import { derivatives, stateOf, type WaterState } from "./state.ts";

/** Region 1, table 2. */
const terms = [
  [0, -2, 0.14632971213167],
  [0, -1, -0.84548187169114],
  [0, 0, -3.756360367204],
  [0, 1, 3.3855169168385],
  [0, 2, -0.95791963387872],
  [0, 3, 0.15772038513228],
  [0, 4, -0.016616417199501],
  [0, 5, 8.1214629983568e-4],
  [1, -9, 2.8319080123804e-4],
  [1, -7, -6.0706301565874e-4],
  [1, -1, -0.018990068218419],
  [1, 0, -0.032529748770505],
  [1, 1, -0.021841717175414],
  [1, 3, -5.283835796993e-5],
  [2, -3, -4.7184321073267e-4],
  [2, 0, -3.0001780793026e-4],
  [2, 1, 4.7661393906987e-5],
  [2, 3, -4.4141845330846e-6],
  [2, 17, -7.2694996297594e-16],
  [3, -4, -3.1679644845054e-5],
  [3, 0, -2.8270797985312e-6],
  [3, 6, -8.5205128120103e-10],
  [4, -5, -2.2425281908e-6],
  [4, -2, -6.5171222895601e-7],
  [4, 10, -1.4341729937924e-13],
  [5, -8, -4.0516996860117e-7],
  [8, -11, -1.2734301741641e-9],
  [8, -6, -1.7424871230634e-10],
  [21, -29, -6.8762131295531e-19],
  [23, -31, 1.4478307828521e-20],
  [29, -38, 2.6335781662795e-23],
  [30, -39, -1.1947622640071e-23],
  [31, -40, 1.8228094581404e-24],
  [32, -41, -9.3537087292458e-26],
] as const;

/**
 * Liquid water.
 *
 * @param pressureBarA up to 1000 bar a, at least saturation
 * @param temperatureC 0 to 350 °C
 * @returns density, kg/m³, enthalpy, kJ/kg, speed of sound, m/s
 * @source IAPWS R7-97(2012), region 1, equation 7
 * @example waterAt(30, 26.85).densityKgM3.toFixed(3) // → "997.853"
 */
export function waterAt(pressureBarA: number, temperatureC: number): WaterState {
  const [kelvin, mpa] = [temperatureC + 273.15, pressureBarA / 10];
  const [pi, tau] = [mpa / 16.53, 1386 / kelvin];
  const d = derivatives(terms, 7.1 - pi, tau - 1.222);
  return stateOf(
    { pi, tau, gPi: -d.dx, gPiPi: d.dxx, gTau: d.dy, gTauTau: d.dyy, gPiTau: -d.dxy },
    kelvin,
    mpa,
  );
}
