/** Proves the demonstration's tags for a list, over and over, and reports by IPC how many it proved in some seconds. */
import { join } from "node:path";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { storedDutySchema } from "@proven-seat/core/duty";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { proveForList } from "@proven-seat/core/judgement/proof";
import { readCatalogueFolder, readDemoScenario } from "../../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../../server/src/places.ts";

const shelf = compileShelf(readCatalogueFolder(join(demoFolder, "catalogue")).catalogue!);
const house = defaultHouseRules();
const duties = (readDemoScenario() as { tags: { duty: unknown }[] }).tags.map((t) =>
  storedDutySchema.parse(t.duty),
);
/** As many rounds as fit, each of all tags. */
function proved(milliseconds: number): number {
  let count = 0;
  for (const end = Date.now() + milliseconds; Date.now() < end; count += duties.length)
    for (const duty of duties) proveForList(duty, shelf, house);
  return count;
}
proved(3000);
process.send!("ready");
process.once("message", () => {
  process.send!({ count: proved(8000) });
  process.disconnect();
});
