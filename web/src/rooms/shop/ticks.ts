import { create } from "zustand";
import { persist } from "zustand/middleware";

interface Ticks {
  /** Steps done, by tag and plan, as they are worded: a plan that changes keeps what it still has. */
  readonly done: Readonly<Record<string, readonly string[]>>;
  readonly turn: (plan: string, step: string) => void;
  readonly clear: (plan: string) => void;
}

/**
 * Names of steps to tick them by: their words, and of words that come again which time it is.
 *
 * @param steps of a plan
 * @returns a name for each, no two alike
 */
export function namesOf(steps: readonly { readonly does: string }[]): string[] {
  const times = new Map<string, number>();
  return steps.map(({ does }) => {
    const time = (times.get(does) ?? 0) + 1;
    times.set(does, time);
    return time === 1 ? does : `${does} (${time})`;
  });
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
