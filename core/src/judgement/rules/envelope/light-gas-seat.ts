import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { allowanceOf } from "../../../mechanics/shut-off/allowance.ts";
import { lightGasRatio } from "../../../mechanics/shut-off/light-gas.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { worstClosed } from "../worst.ts";

const hydrogen = { name: "hydrogen", molarMassKgKmol: 2.016, viscosityMicroPaS: 8.9 };
const helium = { name: "helium", molarMassKgKmol: 4.003, viscosityMicroPaS: 19.6 };

/** The light gas of a duty; null where there is none. */
function lightGasOf({ hazards, fluid }: Pick<SettledDuty, "hazards" | "fluid">) {
  if (fluid?.id === "helium") return helium;
  return hazards.has("hydrogen") ? hydrogen : null;
}

/** Leakage of hydrogen or helium through a metal seat. */
export const lightGasSeat = rule({
  id: "envelope/light-gas-seat",
  asks: "Light gas through the seat",
  source:
    "Permitted leakage in air, as the light gas at the pressures of the duty. The larger of orifice and capillary flow counts (an estimate)",
  inputs: ["hazards of the fluid", "substance", "shut-off stated by the maker", "pressures of the cases"],
  dependsOn: ["size", "flow", "seat"],
  tight: "mild",
  notApplicableBecause: (duty) =>
    lightGasOf(duty) === null ? "The fluid is neither hydrogen nor helium." : null,
  examine: ({ valve, duty, house }) => {
    if (valve.seat.material.kind !== "metal") return notAsked("A soft seat closes without a gap.");
    const { shutOff, execution } = valve.seat.offer;
    if (shutOff === null && execution !== "clearance") return cannotTell("shut-off stated by the maker");
    const worst = worstClosed(duty);
    if (worst === null) return cannotTell("pressures of a case in which the valve is shut");
    const gas = lightGasOf(duty)!;
    const remedy = `Order a seat test with ${gas === helium ? gas.name : "helium"}, with a permitted rate, or use a soft seat.`;
    if (shutOff === null)
      return plain("tight", `The seat has clearance: ${gas.name} passes at all times.`, {
        remedy,
        uses: [used("contact of seat and closing member", execution!, "catalogue")],
      });
    const { gasMlMin } = allowanceOf(shutOff, valve, duty, house);
    const ratio = lightGasRatio(gas, worst.pressureBarG!, worst.closedDifferentialBar!);
    const leaks = gasMlMin === null ? null : gasMlMin * ratio;
    return plain(
      "tight",
      gasMlMin === null
        ? `The class is tested with water, which says little of ${gas.name}.`
        : gasMlMin === 0
          ? `The seat is tested tight with air. More ${gas.name} than air passes through the same gap.`
          : `The permitted leakage is many times larger with ${gas.name} at line pressure.`,
      {
        value: leaks,
        limit: shutOff,
        decides: "metal seat",
        caseId: worst.id,
        caseName: worst.name,
        remedy,
        uses: () => [
          used("stated with this seat", shutOff, "catalogue"),
          ...(gasMlMin === null
            ? []
            : [
                used("permitted leakage of air, ml/min", gasMlMin, "reference"),
                used(`leakage of ${gas.name} against that of air`, ratio, "estimate"),
                used(`leakage of ${gas.name}, ml/min`, leaks!, "estimate"),
              ]),
        ],
      },
    );
  },
});
