import { derivatives, stateOf, type WaterState } from "./state.ts";

/** Region 2, ideal gas, table 10. */
const ideal = [
  [0, -9.6927686500217],
  [1, 10.086655968018],
  [-5, -0.005608791128302],
  [-4, 0.071452738081455],
  [-3, -0.40710498223928],
  [-2, 1.4240819171444],
  [-1, -4.383951131945],
  [2, -0.28408632460772],
  [3, 0.021268463753307],
] as const;

/** Region 2, residual, table 11. */
const residual = [
  [1, 0, -0.0017731742473213],
  [1, 1, -0.017834862292358],
  [1, 2, -0.045996013696365],
  [1, 3, -0.057581259083432],
  [1, 6, -0.05032527872793],
  [2, 1, -3.3032641670203e-5],
  [2, 2, -1.8948987516315e-4],
  [2, 4, -0.0039392777243355],
  [2, 7, -0.043797295650573],
  [2, 36, -2.6674547914087e-5],
  [3, 0, 2.0481737692309e-8],
  [3, 1, 4.3870667284435e-7],
  [3, 3, -3.227767723857e-5],
  [3, 6, -0.0015033924542148],
  [3, 35, -0.040668253562649],
  [4, 1, -7.8847309559367e-10],
  [4, 2, 1.2790717852285e-8],
  [4, 3, 4.8225372718507e-7],
  [5, 7, 2.2922076337661e-6],
  [6, 3, -1.6714766451061e-11],
  [6, 16, -0.0021171472321355],
  [6, 35, -23.895741934104],
  [7, 0, -5.905956432427e-18],
  [7, 11, -1.2621808899101e-6],
  [7, 25, -0.038946842435739],
  [8, 8, 1.1256211360459e-11],
  [8, 36, -8.2311340897998],
  [9, 13, 1.9809712802088e-8],
  [10, 4, 1.0406965210174e-19],
  [10, 10, -1.0234747095929e-13],
  [10, 14, -1.0018179379511e-9],
  [16, 29, -8.0882908646985e-11],
  [16, 50, 0.10693031879409],
  [18, 57, -0.33662250574171],
  [20, 20, 8.9185845355421e-25],
  [20, 35, 3.0629316876232e-13],
  [20, 48, -4.2002467698208e-6],
  [21, 21, -5.9056029685639e-26],
  [22, 53, 3.7826947613457e-6],
  [23, 39, -1.2768608934681e-15],
  [24, 26, 7.3087610595061e-29],
  [24, 40, 5.5414715350778e-17],
  [24, 58, -9.436970724121e-7],
] as const;

/**
 * Steam.
 *
 * @param pressureBarA up to saturation to 350 °C, to the line `borderBarA` to 590 °C, to 1000 bar a above
 * @param temperatureC 0 to 800 °C
 * @returns density, kg/m³, enthalpy, kJ/kg, speed of sound, m/s
 * @source IAPWS R7-97(2012), region 2, equations 15 to 17
 * @example steamAt(300, 426.85).enthalpyKJKg.toFixed(3) // → "2631.495"
 */
export function steamAt(pressureBarA: number, temperatureC: number): WaterState {
  const [kelvin, pi] = [temperatureC + 273.15, pressureBarA / 10];
  const tau = 540 / kelvin;
  let [gTau, gTauTau] = [0, 0];
  for (const [j, factor] of ideal) {
    const by = factor * j * tau ** (j - 1);
    gTau += by;
    gTauTau += (by * (j - 1)) / tau;
  }
  const d = derivatives(residual, pi, tau - 0.5);
  return stateOf(
    {
      pi,
      tau,
      gPi: 1 / pi + d.dx,
      gPiPi: -1 / (pi * pi) + d.dxx,
      gTau: gTau + d.dy,
      gTauTau: gTauTau + d.dyy,
      gPiTau: d.dxy,
    },
    kelvin,
    pi,
  );
}

/**
 * The border between steam and the region near its critical point.
 *
 * @param temperatureC 350 to 590 °C
 * @returns highest pressure of steam, bar a
 * @source IAPWS R7-97(2012), equation 5
 * @example borderBarA(350).toFixed(1) // → "165.3"
 */
export function borderBarA(temperatureC: number): number {
  const kelvin = temperatureC + 273.15;
  return 10 * (348.05185628969 - 1.1671859879975 * kelvin + 0.0010192970039326 * kelvin * kelvin);
}
