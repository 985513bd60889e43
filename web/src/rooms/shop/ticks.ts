import { create } from "zustand";
import { persist } from "zustand/middleware";

interface Ticks {
  /** Steps done, by tag and plan, as they are worded: a plan that changes keeps what it still has. */
  readonly done: Readonly<Record<string, readonly string[]>>;
  readonly turn: (plan: string, step: string) => void;
  readonly clear: (plan: string) => void;
}

/** What is ticked off, kept on this device alone. */
export const useTicks = create<Ticks>()(
  persist(
    (set) => ({
      done: {},
      turn: (plan, step) =>
        set(({ done }) => {
          const had = done[plan] ?? [];
          const next = had.includes(step) ? had.filter((one) => one !== step) : [...had, step];
          return { done: { ...done, [plan]: next } };
        }),
      clear: (plan) => set(({ done }) => ({ done: { ...done, [plan]: [] } })),
    }),
    { name: "proven-seat-shop-ticks" },
  ),
);
