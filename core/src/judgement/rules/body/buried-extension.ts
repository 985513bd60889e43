import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const buriedExtension = rule({
  id: "body/buried-extension",
  asks: "Stem extension of a buried valve",
  source: "A buried valve needs an extended stem, with vent, drain and sealant lines to above ground",
  inputs: ["installation", "stem extension", "vent and drain"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => (duty.installation !== "buried" ? "The valve is not buried." : null),
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
      return plain("fails", "The product line offers no stem extension to above ground.", {
        ...seen,
        remedy: "Use a product line with an extended stem.",
      });
    return ventAndDrain && seatSealant
      ? plain("holds", "Stem, vent, drain and sealant lines reach above ground.", seen)
      : plain("tight", "The stem reaches above ground, but not every fitting does.", seen);
  },
});
