import { areaRule } from "./area-rule.ts";

export const areaDustSurface = areaRule({
  id: "drive/area-dust-surface",
  asks: "Surface of the drive, dust",
  source: "IEC 60079-14, clause 5: surface temperature in dust",
  hazard: "dust",
  fails: {
    surface: ["Its surface may get hotter than the dust allows.", "A drive with a cooler surface."],
  },
  waitsFor: { "surface unknown": "surface temperature the dust allows, or that of the drive" },
  holds: "Its surface stays cool enough.",
  before: [null],
});
