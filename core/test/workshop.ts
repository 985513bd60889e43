import { defaultHouseRules } from "../src/basis/house/house-rules.ts";
import { settle } from "../src/duty/settling/settle.ts";
import { fitUpPicture } from "../src/judgement/proof/fit-up-picture.ts";
import { fittingSteps } from "../src/judgement/proof/fitting-steps.ts";
import type { ShopStep } from "../src/outcome/shop/step.ts";
import type { Work } from "../src/outcome/shop/work.ts";
import { demoDuty, demoProof, demoShelf } from "./demo.ts";
import { dutyWith } from "./fixture.ts";

export const house = defaultHouseRules();
export const demoWork = (number: string): Work => {
  const duty = settle(demoDuty(number), house);
  const best = demoProof(number).candidates[0]!;
  const { fitUp } = fitUpPicture(best, duty, house);
  return {
    valve: best.valve,
    drive: best.drive,
    duty,
    house,
    fitting: fittingSteps(fitUp, best.drive, house),
  };
};
/** A valve of a construction, bare. */
export const bare = (
  id: string,
  sizes: readonly number[] = [15, 25, 50, 80, 100, 150, 200, 300, 400],
  designation?: string,
): Work => {
  const valve = sizes
    .flatMap((dn) => demoShelf.valvesFor(dn))
    .filter((v) => v.construction.id === id)
    .find((v) => designation === undefined || v.size.designation === designation)!;
  return { valve, drive: null, duty: settle(dutyWith(), house), house, fitting: [] };
};
export const words = (steps: readonly ShopStep[]) => steps.map(({ does }) => does).join("\n");
export const cautions = (steps: readonly ShopStep[]) => steps.flatMap((s) => s.cautions).join("\n");
