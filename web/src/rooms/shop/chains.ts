import type { SeatChain } from "@proven-seat/core/outcome/shop";
import { create } from "zustand";
import { persist } from "zustand/middleware";

interface Chains {
  /** By tag and valve: the chain as edited, and the sizes in stock as typed. */
  readonly chains: Readonly<Record<string, { readonly chain: SeatChain; readonly stock: string }>>;
  readonly keep: (valveKey: string, chain: SeatChain, stock: string) => void;
  readonly drop: (valveKey: string) => void;
}

/** Edited chains of dimensions, stored on this device only. */
export const useChains = create<Chains>()(
  persist(
    (set) => ({
      chains: {},
      keep: (valveKey, chain, stock) =>
        set(({ chains }) => ({ chains: { ...chains, [valveKey]: { chain, stock } } })),
      drop: (valveKey) =>
        set(({ chains }) => ({
          chains: Object.fromEntries(Object.entries(chains).filter(([key]) => key !== valveKey)),
        })),
    }),
    { name: "proven-seat-shop-chains" },
  ),
);

/**
 * Sizes in a text.
 *
 * @param text sizes parted by blanks or semicolons, mm
 * @returns sizes; null where one of them is not a number
 */
export function sizesIn(text: string): number[] | null {
  const sizes = text
    .split(/[\s;]+/)
    .filter((part) => part !== "")
    .map((part) => Number(part.replace(",", ".")));
  return sizes.every((size) => Number.isFinite(size) && size > 0 && size < 1000) ? sizes : null;
}
