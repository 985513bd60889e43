import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { phases } from "../words.ts";

export const phase: Field<"fluid.phase", (typeof phases)[number] | null> = {
  path: "fluid.phase",
  label: "Phase",
  group: "fluid",
  ...choice(phases),
  headings: ["phase", "state", "fluid phase"],
  means: ["phase", "fluid phase"],
  written: {
    liquid: "l, liq, fluessig, liquide, liquido, vloeibaar, vloeistof, fluessigkeit",
    gas: `
      g, v, vap, vapour, gasfoermig, gaz, gazeux, gaseoso, gassoso, gasoso, gasvormig, gaseous, ~vapor`,
    steam: "s, st, stm, dampf, wasserdampf, vapeur, vapore, vapor de agua, vapor d'agua, stoom",
    "dense phase": "dense, supercritical, sc, dicht",
    "two-phase": `
      2-phase, 2 phase, two phase, mixed, mixed phase, l/g, g/l, l+g, l+v, l/v, v/l, multiphase, 2ph, tp,
      zweiphasig, diphasique, bifasico, bifase`,
  },
};
