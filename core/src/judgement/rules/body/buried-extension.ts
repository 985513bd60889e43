import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const buriedExtension = rule({
  id: "body/buried-extension",
  asks: "Extension of a buried valve",
  source: "A buried stem is extended, with vent, drain and sealant piped up",
  inputs: ["installation", "stem extension", "vent and drain"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.installation !== "buried" ? "Not buried." : null),
  examine: ({ valve, duty }) => {
    const { stemExtension, ventAndDrain, seatSealant } = valve.line;
    const seen = {
      value: "buried",
      limit: stemExtension ? "extension offered" : "no extension",
      uses: [
        stated("installation", duty.installation, duty.stated.installation),
        used("stem extension", stemExtension ? "offered" : "none", "catalogue"),
        used("vent and drain", ventAndDrain ? "fitted" : "none", "catalogue"),
        used("sealant to the seats", seatSealant ? "fitted" : "none", "catalogue"),
      ],
    };
    if (!stemExtension)
      return plain("fails", "No extension brings the stem above ground.", {
        ...seen,
        remedy: "A line with an extended stem.",
      });
    return ventAndDrain && seatSealant
      ? plain("holds", "Stem, vent, drain and sealant can be brought above ground.", seen)
      : plain("tight", "The stem comes up, but not every fitting does.", seen);
  },
});
