import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import { installations } from "../words.ts";

export const installation: AssumedField<"installation", (typeof installations)[number] | null> = {
  path: "installation",
  label: "Installation",
  group: "site",
  ...choice(installations),
  headings: ["installation", "location"],
  means: ["installation"],
  written: {
    indoor: "inside, in building, innen, innenraum, interieur, interior, interno, binnen, in",
    outdoor: `
      outside, outdoors, aussen, im freien, freiaufstellung, exterieur, exterior, esterno, buiten, out,
      aboveground, above ground`,
    "marine air": "marine, offshore, coastal, topside, topsides, kueste",
    buried: `
      underground, u/g, ug, erdverlegt, erdeinbau, enterre, enterree, enterrada, interrata, ondergronds`,
  },
  why: "Buried valves need extensions. Marine air corrodes bolting.",
  settle: (duty) => duty.installation ?? "outdoor",
  otherwise: () => ["marine air"],
};
