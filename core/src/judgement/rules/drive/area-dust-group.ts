import { areaRule } from "./area-rule.ts";

export const areaDustGroup = areaRule({
  id: "drive/area-dust-group",
  asks: "Dust group of the actuator",
  source:
    "IEC 60079-14, clause 5; NFPA 70, article 500: the equipment group must cover the group of the area",
  hazard: "dust",
  fails: {
    group: [
      "The actuator is not certified for this dust group.",
      "Use an actuator certified for the dust group of the area.",
    ],
  },
  waitsFor: { "group unknown": "dust group of the area" },
  holds: "The certified dust group covers the dust group of the area.",
  before: ["surface", "surface unknown", null],
});
