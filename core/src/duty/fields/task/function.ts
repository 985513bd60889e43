import type { AssumedField } from "../field.ts";
import { set } from "../holds.ts";
import { type ValveFunction, valveFunctions } from "../words.ts";

export const valveFunction: AssumedField<"function", ValveFunction[] | null, ReadonlySet<ValveFunction>> = {
  path: "function",
  label: "Function",
  group: "task",
  ...set(valveFunctions),
  headings: ["function", "duty", "valve function", "functions"],
  means: ["function", "valve function"],
  written: {
    "on-off isolation": `
      on/off, on-off, on off, isolation, isolating, isolate, block, shut-off, shutoff, open/close, o/c,
      auf/zu, auf-zu, absperren, absperrung, absperrarmatur, tout ou rien, tor, isolement, sectionnement,
      seccionamiento, bloqueo, todo-nada, aislamiento, intercettazione, bloqueio, aan/uit, afsluiten`,
    "double block and bleed": "dbb, db&b, double block & bleed, block and bleed, block & bleed, dbb valve",
    "double isolation, one way": "dib-2, dib 2, dib2",
    "double isolation, both ways": "dib-1, dib 1, dib1, dib",
    throttling: `
      throttle, control, modulating, modulate, regulating, regulation, regeln, regelung, regelventil,
      regelarmatur, drosseln, regulacion, regolazione, regulagem, regelen, modulante`,
    "emergency shut-down": `
      esd, esdv, esv, sdv, eiv, emergency shutdown, emergency shut down, emergency isolation, shutdown,
      shut-down, shut down, notabsperrung, schnellschluss, arret d'urgence, parada de emergencia,
      blocco di emergenza, parada emergencia, noodafsluiter`,
    diverting: `
      divert, diverter, diversion, 3-way, 3 way, three way, three-way, dreiwege, 3-wege, trois voies,
      tres vias, tre vie`,
  },
  why: "Decides the number of barriers and the service factor.",
  assumed: "on-off isolation",
  settle: (duty) =>
    new Set<ValveFunction>(
      duty.function === null || duty.function.length === 0 ? ["on-off isolation"] : duty.function,
    ),
  otherwise: () => [["double block and bleed"], ["emergency shut-down"]],
};
