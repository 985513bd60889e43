import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldClass } from "./cold-class.ts";

export const ringJoint = rule({
  id: "body/ring-joint",
  asks: "Ring joint",
  source: "Raised faces below a class, ring joints from this class by house rule. ASME B16.5 permits both",
  inputs: ["end connection", "class", "house rule: ring joints from class"],
  dependsOn: ["line", "class"],
  notApplicableBecause: ({ endConnection: end }) =>
    end === "flanged RF" || end === "flanged RTJ" ? null : "The valve has no flanges.",
  examine: ({ valve, duty, house }) => {
    const end = duty.endConnection;
    const number = coldClass(valve.designation);
    const seen = {
      value: valve.size.designation,
      limit: end,
      uses: [
        stated("line end", end, duty.stated.endConnection),
        used("valve class", valve.size.designation, "catalogue"),
        used("ring joints from class", house.ringJointFromClass, "house rule"),
      ],
    };
    return fits(
      end === "flanged RTJ" || number < house.ringJointFromClass,
      {
        holds: "The facing suits the class.",
        fails:
          "Raised faces are permitted in this class, but ring joints are usual from the class of the house rule.",
      },
      {
        ...seen,
        remedy: "Use ring-joint flanges, or agree the gasket and its bolt load with the piping class.",
      },
      "tight",
    );
  },
});
