import type { Catalogue } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import { type Order } from "@proven-seat/core/proof";
import type { BenchView, CandidateRow, ChoiceKeys, TagSummary } from "./views.ts";

declare const api: {
  setShelf(catalogue: Catalogue, rules: HouseRules): void;
  prove(duty: Duty, order: Order, choice: ChoiceKeys | null, inHand: string | null): BenchView;
  /** Body, trim and seal variants behind a row, best first. */
  variants(group: string): CandidateRow[];
  /** Every drive the duty allows on the valve of a candidate, best first. */
  drives(key: string): CandidateRow[];
  summarise(duty: Duty, choice: ChoiceKeys | null): TagSummary;
  keyOf: (choice: ChoiceKeys) => string;
};
export type ProverApi = typeof api;
//# sourceMappingURL=prover.worker.d.ts.map
