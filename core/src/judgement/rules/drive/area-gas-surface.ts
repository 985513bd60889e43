import { areaRule } from "./area-rule.ts";

export const areaGasSurface = areaRule({
  id: "drive/area-gas-surface",
  asks: "Surface of the drive, gas",
  source: "IEC 60079-14, clause 5: temperature class",
  hazard: "gas",
  fails: {
    surface: ["Its surface may get hotter than the gas allows.", "A drive with a higher temperature class."],
  },
  waitsFor: { "surface unknown": "temperature class of the area or of the drive" },
  holds: "Its surface stays cool enough.",
  before: [null],
});
