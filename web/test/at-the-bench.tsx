/** A tag of the demo at the bench, proved here instead of in a worker, so that stations can be drawn alone. */
import { join } from "node:path";
import { isDeepStrictEqual } from "node:util";
import type { Choice } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { type Duty, dutySchema } from "@proven-seat/core/duty";
import { compileShelf } from "@proven-seat/core/equipment/catalogue";
import { candidateKey, type Proof, prove } from "@proven-seat/core/judgement/proof";
import { readCatalogueFolder, readDemoScenario } from "../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../server/src/places.ts";
import { useBench } from "../src/bench/bench-store.ts";
import { type AskedProof, askProof } from "../src/workers/asked.ts";
import type { BenchView } from "../src/workers/bench-view.ts";
import type { ProverHandle } from "../src/workers/prover.ts";
import { type ProverApi, proverApi } from "../src/workers/prover-api.ts";
import type { CandidateRow } from "../src/workers/views.ts";

const { catalogue } = readCatalogueFolder(join(demoFolder, "catalogue"));

export { catalogue as demoCatalogue };

const { tags } = readDemoScenario() as { tags: { number: string; service: string; duty: unknown }[] };

export const demoShelf = compileShelf(catalogue!);

export const demoDuty = (number: string): Duty =>
  dutySchema.parse(tags.find((t) => t.number === number)!.duty);

const proofs = new Map<string, Proof>();
/** Proves each duty only once for all test files that share a realm. */
const known: NonNullable<Parameters<typeof proverApi>[0]> = {
  compileShelf: (offered) => (isDeepStrictEqual(offered, catalogue) ? demoShelf : compileShelf(offered)),
  prove: (duty, shelf, house) => {
    if (shelf !== demoShelf) return prove(duty, shelf, house);
    const asked = JSON.stringify([duty, house]);
    const proof = proofs.get(asked) ?? prove(duty, shelf, house);
    proofs.set(asked, proof);
    return proof;
  },
};

/** A prover as in the worker, before the page has given it the shelf. */
export const proverInPlace = (): ProverApi => proverApi(known);

/** A prover with the demo's shelf. */
export function demoProver(): ProverApi {
  const api = proverInPlace();
  api.setShelf(catalogue!, defaultHouseRules(), 1);
  return api;
}

type OfProof = {
  [Name in keyof ProverApi]: ProverApi[Name] extends (proof: number, ...rest: infer Asked) => infer Answer
    ? (...asked: Asked) => Answer
    : never;
};

/** The bench's view of a proof, with every row of its table. */
export interface WholeView extends BenchView {
  readonly rows: readonly CandidateRow[];
}

/** Proves in a prover of its own and collects what the bench would ask for. */
export function proving(api: ProverApi) {
  const prover = {
    basis: "demo",
    end: () => undefined,
    api: new Proxy(api, {
      get:
        (api, name: keyof ProverApi) =>
        async (...asked: never[]) =>
          (api[name] as (...asked: never[]) => unknown)(...asked),
    }),
  } as unknown as ProverHandle;
  let proof: AskedProof;
  /** Asks the last proof at once, as a test wants it. */
  const ask = new Proxy({} as OfProof, {
    get:
      (_, name: keyof ProverApi) =>
      (...asked: never[]) =>
        (api[name] as (...parameters: unknown[]) => unknown)(proof.id, ...asked),
  });
  const prove = (
    duty: Duty,
    selected: string | null = null,
    choice: Pick<Choice, "valve" | "drive"> | null = null,
  ) => {
    proof = askProof(prover, duty);
    const { order } = useBench.getState();
    const chosenKey = choice && candidateKey(choice.valve, choice.drive);
    const chosen = chosenKey === null ? null : ask.row(chosenKey);
    const view: WholeView = {
      ...ask.outline(),
      proof,
      rows: ask.rows(order, null, 0, 10_000).rows,
      chosen,
      choiceGone: chosenKey !== null && chosen === null,
      askedFor: selected,
      selected: ask.selected(order, [selected, chosenKey]),
    };
    return view;
  };
  return { ask, prove, prover };
}

/** Opens a demo tag in the bench store and proves it. */
export function atTheBench(number: string, change: (duty: Duty) => Duty = (duty) => duty) {
  const duty = change(demoDuty(number));
  useBench.setState({
    tagId: "00000000-0000-4000-8000-000000000001",
    content: { number, service: "", unit: "", duty, choice: null },
    compared: [],
    selected: null,
    unreadable: {},
  });
  const { ask, prover, prove: proveDuty } = proving(demoProver());
  const prove = (selected: string | null = null, choice: Choice | null = null) =>
    proveDuty(duty, selected, choice);
  return { api: ask, prover, duty, prove, view: prove() };
}
