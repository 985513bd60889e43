import { areaRule } from "./area-rule.ts";

export const areaDust = areaRule({
  id: "drive/area-dust",
  asks: "Drive in the dust area",
  source:
    "IEC 60079-14, clause 5; NFPA 70, article 500: protection level or division, and certified in the system of the place",
  hazard: "dust",
  fails: {
    system: [
      "It is certified in the other system: a certificate for zones is none for divisions, nor the reverse.",
      "A drive certified in the system of the place, or the written consent of the authority.",
    ],
    hazard: ["It is not certified for dust.", "A drive certified for dust."],
    level: [
      "It may not stand where dust is to be expected so often.",
      "A drive with a higher protection level.",
    ],
  },
  holds: "It may stand in this dust area.",
  before: ["group", "group unknown", "surface", "surface unknown", null],
});
