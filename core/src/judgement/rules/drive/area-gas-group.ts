import { areaRule } from "./area-rule.ts";

export const areaGasGroup = areaRule({
  id: "drive/area-gas-group",
  asks: "Gas group of the actuator",
  source:
    "IEC 60079-14, clause 5; NFPA 70, article 500: the equipment group must cover the group of the area",
  hazard: "gas",
  fails: {
    group: [
      "The actuator is not certified for this gas group.",
      "Use an actuator certified for the gas group of the area.",
    ],
  },
  waitsFor: { "group unknown": "gas group of the area" },
  holds: "The certified gas group covers the gas group of the area.",
  before: ["surface", "surface unknown", null],
});
