import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Families that dissolve the usual sealants, so that the grade must be asked for. */
const dissolves = new Set([
  "sweet hydrocarbon liquid",
  "sour hydrocarbon",
  "aromatics",
  "alcohols",
  "methanol",
  "glycol",
  "amine solution",
  "carbon dioxide dense phase",
  "refrigerants",
]);
/** Families no sealant stays in, or that it must not touch. */
const destroys = new Set([
  "ketones and esters",
  "oxygen",
  "chlorine",
  "oxidising acid",
  "strong mineral acid",
  "hydrofluoric acid",
  "caustic",
  "polymerising monomer",
]);

export const sealantChemistry = rule({
  id: "envelope/sealant-chemistry",
  asks: "Sealant in the fluid",
  source:
    "In a sealant-sealed valve, a fluid that dissolves the sealant causes leakage (indicative, screening only)",
  inputs: ["service family", "hazards of the fluid", "construction"],
  dependsOn: ["line"],
  tight: "mild",
  examine: ({ valve, duty }) => {
    if (valve.construction.sealantMaximumC === null) return notAsked("The valve does not seal by sealant.");
    const { family } = duty.stated.fluid;
    if (family === null) return cannotTell("service family of the fluid");
    const uses = [used("service family", family, "entered")];
    const seen = { value: family, limit: "grade of the sealant", uses };
    if (destroys.has(family) || duty.hazards.has("oxygen") || duty.hazards.has("hygienic"))
      return plain("fails", "No sealant is suitable for this fluid.", {
        ...seen,
        remedy: "Use a construction that seals without sealant.",
      });
    return dissolves.has(family)
      ? plain(
          "tight",
          "The fluid dissolves common sealants. Name the fluid and ask the maker for a suitable grade.",
          seen,
        )
      : plain("holds", "Common sealants are suitable for the fluid.", seen);
  },
});
