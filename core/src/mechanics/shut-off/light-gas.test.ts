import fc from "fast-check";
import { expect, it } from "vitest";
import { lightGasRatio } from "./light-gas.ts";

const hydrogen = { molarMassKgKmol: 2.016, viscosityMicroPaS: 8.9 };

it("is the larger of an orifice and a capillary, by hand", () => {
  // At the pressures of the test: √(28.96/2.016) = 3.790; 18.2/8.9 = 2.045.
  expect(lightGasRatio(hydrogen, 5.5, 5.5)).toBeCloseTo(3.79, 2);
  // (61.01² − 1.01²)/(6.51² − 1.01²) · 2.045 = 184
  expect(lightGasRatio(hydrogen, 60, 60)).toBeCloseTo(184, 0);
});
it("grows with pressure and with differential", () =>
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 300, noNaN: true }),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      (bar, share) => {
        expect(lightGasRatio(hydrogen, bar + 1, share * bar)).toBeGreaterThanOrEqual(
          lightGasRatio(hydrogen, bar, share * bar),
        );
        expect(lightGasRatio(hydrogen, bar, bar)).toBeGreaterThanOrEqual(
          lightGasRatio(hydrogen, bar, share * bar),
        );
      },
    ),
  ));
