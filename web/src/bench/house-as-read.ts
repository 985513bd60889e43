import type { HouseRules } from "@proven-seat/core/basis/house";
import { create } from "zustand";

interface AsRead {
  readonly values: HouseRules | null;
}
const store = create<AsRead>(() => ({ values: null }));

/** Keeps the house rules a prover was started with. */
export const keepHouse = (values: HouseRules): void => store.setState({ values });

/** House rules of the proofs; null before the first proof. For words beside a proof: proofs receive theirs. */
export const useHouseAsRead = (): HouseRules | null => store((s) => s.values);
