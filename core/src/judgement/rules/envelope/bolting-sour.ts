import { stated, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { notSour } from "../raised.ts";
import { rule } from "../rule.ts";

export const boltingSour = rule({
  id: "envelope/bolting-sour",
  asks: "Bolting in sour service",
  source: "Exposed bolting of controlled hardness (ISO 15156)",
  inputs: ["partial pressure of H₂S", "bolting", "installation", "house rule: sour service from"],
  dependsOn: ["line"],
  notApplicableBecause: notSour,
  examine: ({ valve, duty }) => {
    if (duty.stated.fluid.h2sKPa === null) return cannotTell("partial pressure of H₂S");
    const { bolting } = valve;
    // Buried or insulated bolting gets no air and stays wet with whatever leaks.
    const denied = duty.installation === "buried";
    const seen = {
      value: bolting.name,
      limit: bolting.exposedInSour ? "controlled hardness" : "hard",
      uses: [
        stated("partial pressure of H₂S", duty.h2sKPa, duty.stated.fluid.h2sKPa, "kPa"),
        stated("installation", duty.installation, duty.stated.installation),
        used("bolting", bolting.name, "catalogue"),
      ],
    };
    if (bolting.exposedInSour)
      return plain("holds", "The bolting is suitable if exposed to sour leakage.", seen);
    return denied
      ? plain("fails", "Bolting of uncontrolled hardness can crack where sour leakage collects.", {
          ...seen,
          remedy: "Use bolting of controlled hardness (B7M, L7M).",
        })
      : plain(
          "tight",
          "Bolting of uncontrolled hardness is acceptable in open air only. Do not lag or bury it.",
          seen,
        );
  },
});
