import { areaRule } from "./area-rule.ts";

export const areaGasSurface = areaRule({
  id: "drive/area-gas-surface",
  asks: "Temperature class in gas",
  source: "IEC 60079-14, clause 5: temperature class",
  hazard: "gas",
  fails: {
    surface: [
      "The surface temperature of the actuator exceeds the temperature class of the area.",
      "Use an actuator with a higher temperature class (T6 is the highest).",
    ],
  },
  waitsFor: { "surface unknown": "temperature class of the area or of the actuator" },
  holds: "The maximum surface temperature is within the limit of the area.",
  before: [null],
});
