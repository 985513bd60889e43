import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import { ports } from "../words.ts";

export const port: AssumedField<"port", (typeof ports)[number] | null> = {
  path: "port",
  label: "Port",
  group: "line",
  ...choice(ports),
  headings: ["port", "bore"],
  means: ["port", "~bore"],
  written: {
    full: `
      fb, fp, full bore, full port, full opening, voll, voller durchgang, vollem durchgang, passage integral,
      pi, paso total, paso completo, passaggio totale, passaggio pieno, passagem plena, volle doorlaat, f,
      f/b, full-bore`,
    "reduced accepted": `
      reduced, rb, rp, std, standard, reduced bore, reduced port, regular, regular port, standard port,
      standard bore, reduziert, reduzierter durchgang, passage reduit, pr, paso reducido, passaggio ridotto,
      passagem reduzida, gereduceerde doorlaat, gereduceerd, r, r/b, reduced-bore`,
    "double-reduced accepted": `
      double-reduced, double reduced, double reduced bore, double reduced port, drb, drp, doppelt reduziert,
      double passage reduit, doble paso reducido, doppio passaggio ridotto, dubbel gereduceerd`,
  },
  why: "Pigs and drains need the full bore.",
  settle: (duty) => duty.port ?? "reduced accepted",
  otherwise: () => ["full"],
};
