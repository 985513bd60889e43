import type { Field } from "../field.ts";
import { set } from "../holds.ts";
import { type Hazard, hazards } from "../words.ts";

export const hazardsOfFluid: Field<"fluid.hazards", Hazard[] | null> = {
  path: "fluid.hazards",
  label: "Hazards of the fluid",
  short: "hazards",
  group: "fluid",
  ...set(hazards),
  headings: ["hazards", "hazard"],
  means: ["hazard", "fluid hazard"],
  written: {
    flammable: `
      flam, combustible, explosive, brennbar, entzuendlich, inflammable, inflamable, infiammabile,
      inflamavel, ontvlambaar, brandbaar, f+, f`,
    toxic: "tox, poisonous, giftig, toxique, toxico, tossico, t",
    lethal: "lethal service, letal, toedlich, mortel, t+",
    oxygen: "oxygen service, o2, sauerstoff, oxygene, oxigeno, ossigeno, oxigenio, zuurstof",
    hydrogen: "hydrogen service, h2, wasserstoff, hydrogene, hidrogeno, idrogeno, hidrogenio, waterstof",
    polymerises: "polymerizes, polymerising, polymerizing, polymer",
    crystallises: "crystallizes, crystallising, crystallizing",
    decomposes: "decomposing, self-decomposing, zersetzlich, gives off gas",
    hygienic: "sanitary, food, pharma, aseptic, hygienisch",
  },
  why: "Decides anti-static device, stem seal, body joints and materials.",
  assumed: "the hazards of substance and family, which always count",
  otherwise: () => [["flammable", "toxic"]],
};
