import { areaRule } from "./area-rule.ts";

export const areaDust = areaRule({
  id: "drive/area-dust",
  asks: "Actuator in a dust area",
  source:
    "IEC 60079-14, clause 5; NFPA 70, article 500: protection level or division, certified in the system used for the area",
  hazard: "dust",
  fails: {
    system: [
      "The certificate is for the other system. A zone certificate does not cover a division, and a division certificate does not cover a zone.",
      "Use an actuator certified in the system of the area, or get written approval from the authority having jurisdiction.",
    ],
    hazard: ["The actuator is not certified for dust.", "Use an actuator certified for dust."],
    level: [
      "The protection level is too low for this dust zone or division.",
      "Use an actuator with a higher protection level.",
    ],
  },
  holds: "The protection level is suitable for this dust area.",
  before: ["group", "group unknown", "surface", "surface unknown", null],
});
