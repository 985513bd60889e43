import { kindOf } from "../../drives/index.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

/** What an enclosure must keep out, by place: codes of IEC 60529, and enclosure types of their own standard beside them. */
const asked = {
  indoor: { water: 4, types: ["1", "2", "12", "3", "3R", "3X", "4", "4X", "6", "6P"], says: "IP54" },
  outdoor: { water: 5, types: ["3", "3X", "4", "4X", "6", "6P"], says: "IP65" },
  "marine air": { water: 6, types: ["4X", "6P"], says: "IP66" },
  // The valve is buried; its drive stands above ground.
  buried: { water: 5, types: ["3", "3X", "4", "4X", "6", "6P"], says: "IP65" },
} as const;

const codes = (text: string) =>
  [...text.matchAll(/IP\s?(\d)(\d)(?:\s?\/\s?(?:IP)?\s?\d?(\d))?/gi)].flatMap((m) =>
    [m[2], m[3]].filter(Boolean).map((water) => ({ dust: Number(m[1]), water: Number(water) })),
  );
const types = (text: string) =>
  [...text.matchAll(/type\s+([\dA-Z, ]+)/gi)]
    .flatMap((m) => m[1]!.toUpperCase().split(/[ ,]+/))
    .filter(Boolean);

export const enclosure = rule({
  id: "drive/enclosure",
  asks: "Enclosure of the drive",
  source: "IEC 60529 (IP) and NEMA 250 (type) against the place; neither is converted into the other",
  inputs: ["installation", "drive family: enclosure"],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  tight: "mild",
  examine: ({ drive, duty }) => {
    if (!drive || kindOf(drive.family).supply !== "electric")
      return notAsked("No electrical part of its own.");
    const place = asked[duty.installation];
    const text = drive.family.enclosure;
    const uses = [
      stated("installation", duty.installation, duty.stated.installation),
      used("enclosure", text ?? "not stated", "catalogue"),
      used("wanted there", place.says, "reference"),
    ];
    if (text === null)
      return plain("tight", "The maker does not say how tight the enclosure is.", {
        uses,
        remedy: "Order it for the place.",
      });
    const byCode = codes(text).some(
      ({ dust, water }) =>
        dust >= (place.water > 4 ? 6 : 5) && (water === place.water || (water > place.water && water < 7)),
    );
    const byType = types(text).some((type) => (place.types as readonly string[]).includes(type));
    return byCode || byType
      ? plain("holds", "Its enclosure is made for the place.", { uses })
      : plain("fails", "Its enclosure lets in what the place brings.", {
          uses,
          remedy: "A tighter enclosure, or a housing around it.",
        });
  },
});
