import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import { operators } from "../words.ts";

export const operator: AssumedField<"operator", (typeof operators)[number] | null> = {
  path: "operator",
  label: "Operator",
  group: "drive",
  ...choice(operators),
  headings: ["operator", "actuator", "drive"],
  means: ["actuator", "valve actuator"],
  written: {
    pneumatic: `
      pneu, pneum, air, pneumatic actuator, pneumatic spring return, pneumatic double acting, piston,
      diaphragm, cylinder, pneumatisch, pneumatique, neumatico, pneumatico, spring return, spring-return, sr,
      double acting, double-acting, da, sa, single acting, rack and pinion, rack & pinion, scotch yoke, aov,
      pneumatic sr, pneumatic da, federruecklauf, simple effet, double effet, simple efecto, doble efecto,
      semplice effetto, doppio effetto, enkelwerkend, dubbelwerkend, p, pn, pneumatische aandrijving,
      pneumatischer antrieb`,
    electric: `
      elec, electrical, motor, mov, motor operated, electric motor, electric actuator, elektrisch, e-antrieb,
      stellmotor, electrique, electrico, elettrico, eletrico, motorise, motorizada, motorizzata, e, m, el,
      eav, moteur`,
    hydraulic: `
      hyd, hydr, hydraulic actuator, oil, hydraulisch, hydraulique, hidraulico, idraulico, hov`,
    "line gas": `
      gas over oil, gas-over-oil, goo, gas hydraulic, direct gas, self-powered, high pressure gas`,
    "by hand": `
      manual, lever, gear, gear operated, gearbox, handwheel, hand wheel, hand, hand operated, hw, wrench,
      worm gear, handhebel, handrad, getriebe, handgetriebe, manuell, manuel, manuelle, levier, volant,
      reducteur, manuale, leva, volantino, riduttore, palanca, volante, reductor, alavanca, redutor, hendel,
      handwiel, handbediend, handbediening, tandwielkast, lvr, ~lo, ~go, ~l, ~g, ~man`,
    "bare stem": "bare shaft, freies wellenende, arbre nu, eje libre",
  },
  why: "Decides which operators and actuators are offered.",
  assumed: "pneumatic or electric",
  settle: (duty) => duty.operator ?? "any",
  otherwise: () => ["electric"],
};
