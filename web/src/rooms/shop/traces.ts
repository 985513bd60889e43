import type { LeakPlace, Observation } from "@proven-seat/core/shop";
import { create } from "zustand";
import { persist } from "zustand/middleware";

/** A leak as somebody traces it. */
export interface Traced {
  readonly place: LeakPlace;
  readonly seen: readonly Observation[];
  /** What was measured, ml/min, and of what; null where nothing was. */
  readonly rate: { readonly mlMin: number; readonly of: "liquid" | "gas" } | null;
}

interface Traces {
  /** By tag. */
  readonly traced: Readonly<Record<string, Traced>>;
  readonly begin: (tag: string, place: LeakPlace) => void;
  readonly see: (tag: string, observation: Observation) => void;
  readonly measure: (tag: string, rate: Traced["rate"]) => void;
  /** Takes the last answer back. */
  readonly undo: (tag: string) => void;
  readonly drop: (tag: string) => void;
}

/** Traces of leaks, kept on this device alone. */
export const useTraces = create<Traces>()(
  persist(
    (set) => {
      const change = (tag: string, to: (had: Traced) => Traced) =>
        set(({ traced }) => {
          const had = traced[tag];
          return had ? { traced: { ...traced, [tag]: to(had) } } : {};
        });
      return {
        traced: {},
        begin: (tag, place) =>
          set(({ traced }) => ({ traced: { ...traced, [tag]: { place, seen: [], rate: null } } })),
        see: (tag, observation) => change(tag, (had) => ({ ...had, seen: [...had.seen, observation] })),
        measure: (tag, rate) => change(tag, (had) => ({ ...had, rate })),
        undo: (tag) => change(tag, (had) => ({ ...had, seen: had.seen.slice(0, -1) })),
        drop: (tag) =>
          set(({ traced }) => ({
            traced: Object.fromEntries(Object.entries(traced).filter(([of]) => of !== tag)),
          })),
      };
    },
    { name: "proven-seat-shop-traces" },
  ),
);
