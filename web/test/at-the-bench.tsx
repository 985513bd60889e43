/** A tag of the demo at the bench, proved here instead of in a worker, so that stations can be drawn alone. */
import { join } from "node:path";
import type { Choice } from "@proven-seat/contract";
import { type Duty, dutySchema } from "@proven-seat/core/duty";
import { defaultHouseRules } from "@proven-seat/core/house";
import { demoFolder, readCatalogueFolder, readDemoScenario } from "../../server/src/demo/read-demo.ts";
import { useBench } from "../src/bench/bench-store.ts";
import type { ProverHandle } from "../src/workers/prover.ts";
import { proverApi } from "../src/workers/prover-api.ts";

const { catalogue } = readCatalogueFolder(join(demoFolder, "catalogue"));
const { tags } = readDemoScenario() as { tags: { number: string; service: string; duty: unknown }[] };

export const demoDuty = (number: string): Duty =>
  dutySchema.parse(tags.find((t) => t.number === number)!.duty);

/** Opens a demo tag in the bench store and proves it. */
export function atTheBench(number: string, change: (duty: Duty) => Duty = (duty) => duty) {
  const api = proverApi();
  api.setShelf(catalogue!, defaultHouseRules());
  const duty = change(demoDuty(number));
  useBench.setState({
    tagId: "00000000-0000-4000-8000-000000000001",
    content: { number, service: "", unit: "", duty, choice: null },
    compared: [],
    inHand: null,
    unreadable: {},
  });
  const prover = {
    basis: "demo",
    api: new Proxy(api, {
      get:
        (of, name: keyof typeof api) =>
        async (...asked: never[]) =>
          (of[name] as (...asked: never[]) => unknown)(...asked),
    }),
    end: () => undefined,
  } as unknown as ProverHandle;
  const prove = (inHand: string | null = null, choice: Choice | null = null) =>
    api.prove(duty, useBench.getState().order, choice, inHand);
  return { api, prover, duty, prove, view: prove() };
}
