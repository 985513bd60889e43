import { areaRule } from "./area-rule.ts";

export const areaDustGroup = areaRule({
  id: "drive/area-dust-group",
  asks: "Dust group of the drive",
  source: "IEC 60079-14, clause 5; NFPA 70, article 500: the group of the equipment covers that of the place",
  hazard: "dust",
  fails: { group: ["It is not made for this dust.", "A drive certified for the dust group of the place."] },
  waitsFor: { "group unknown": "dust group of the area" },
  holds: "It covers the dust group of the place.",
  before: ["surface", "surface unknown", null],
});
