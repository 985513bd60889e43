import type { Fluid } from "../../../basis/reference/fluids.ts";
import { readPlace } from "../../../duty/area/place.ts";
import { gasGroups } from "../../../duty/area/words.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

/** Groups of the division system, by equipment group; hydrogen and acetylene have one each. */
const lettersOf: Readonly<Record<string, string>> = { IIA: "D", IIB: "C", IIC: "B" };

const letterOf = ({ id, gasGroup }: Fluid): string => (id === "acetylene" ? "A" : lettersOf[gasGroup!]!);

/** Whether the groups of an area cover a fluid; IIB+H2 covers hydrogen. */
function covers(groups: readonly string[], fluid: Fluid, system: "zone" | "division"): boolean {
  if (system === "division") return groups.includes(letterOf(fluid));
  if (fluid.id === "hydrogen" && groups.includes("IIB+H2")) return true;
  const rank = (group: string) => (gasGroups as readonly string[]).indexOf(group);
  return Math.max(...groups.map(rank)) >= rank(fluid.gasGroup!);
}

export const areaOfFluid = dutyRule({
  id: "duty/area-of-fluid",
  asks: "Area classification for the fluid",
  source:
    "Equipment group and auto-ignition temperature of the fluid (IEC 60079-20-1, indicative) against the area classification",
  inputs: ["hazardous area", "substance", "composition"],
  notApplicableBecause: ({ stated: { area }, fluid }) =>
    area === null || readPlace(area) === "safe"
      ? "No hazardous area is stated."
      : fluid?.gasGroup == null
        ? "The fluid has no listed equipment group."
        : null,
  examine: ({ duty }) => {
    const area = duty.stated.area!;
    const fluid = duty.fluid!;
    const place = readPlace(area);
    if (place === null || place === "safe") return cannotTell("area classification in a known form");
    if (place.gas === null)
      return cannotTell("hazardous area for gas: the fluid burns, and the area names dust only", {
        uses: [used("hazardous area", area, "entered"), used("fluid", fluid.name, "reference")],
      });
    const { groups, surfaceC } = place.gas;
    const ignition = fluid.autoIgnitionC;
    const uses = [
      used("hazardous area", area, "entered"),
      used(`equipment group of ${fluid.name}`, fluid.gasGroup!, "reference"),
      ...(ignition === null
        ? []
        : [used(`auto-ignition temperature of ${fluid.name}`, ignition, "reference", "°C")]),
    ];
    if (groups.length > 0 && !covers(groups, fluid, place.system))
      return cannotTell(
        "hazardous area with a group that covers the fluid: the stated group is less severe. Correct the area or the fluid",
        { value: groups.join(", "), limit: fluid.gasGroup!, uses },
      );
    if (surfaceC !== null && ignition !== null && surfaceC >= ignition)
      return cannotTell(
        "hazardous area with a temperature class below the auto-ignition temperature of the fluid. Correct the area or the fluid",
        { value: surfaceC, limit: ignition, unit: "°C", uses },
      );
    return groups.length === 0 && surfaceC === null
      ? notAsked("The area classification states neither a group nor a temperature class.")
      : plain("holds", "The area classification covers the fluid.", {
          value: groups.join(", ") || area,
          limit: fluid.gasGroup!,
          uses,
        });
  },
});
