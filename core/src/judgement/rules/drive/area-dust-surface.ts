import { areaRule } from "./area-rule.ts";

export const areaDustSurface = areaRule({
  id: "drive/area-dust-surface",
  asks: "Surface temperature in dust",
  source: "IEC 60079-14, clause 5: maximum surface temperature in dust",
  hazard: "dust",
  fails: {
    surface: [
      "The maximum surface temperature of the actuator exceeds the limit for this dust.",
      "Use an actuator with a lower maximum surface temperature.",
    ],
  },
  waitsFor: {
    "surface unknown":
      "permitted surface temperature for the dust, or maximum surface temperature of the actuator",
  },
  holds: "The maximum surface temperature is within the limit of the area.",
  before: [null],
});
