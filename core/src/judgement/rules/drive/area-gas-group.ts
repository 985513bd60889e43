import { areaRule } from "./area-rule.ts";

export const areaGasGroup = areaRule({
  id: "drive/area-gas-group",
  asks: "Gas group of the drive",
  source: "IEC 60079-14, clause 5; NFPA 70, article 500: the group of the equipment covers that of the place",
  hazard: "gas",
  fails: { group: ["It is not made for this gas.", "A drive certified for the gas group of the place."] },
  waitsFor: { "group unknown": "gas group of the area" },
  holds: "It covers the gas group of the place.",
  before: ["surface", "surface unknown", null],
});
