import type { UnitSystem } from "@proven-seat/core/units";
import { create } from "zustand";
import { persist } from "zustand/middleware";

export type Theme = "light" | "dark";

interface ReadingState {
  readonly system: UnitSystem;
  /** Pressures read from vacuum instead of from the atmosphere. */
  readonly absolute: boolean;
  readonly theme: Theme;
  readonly visited: boolean;
  readonly set: (change: Partial<Pick<ReadingState, "system" | "absolute" | "theme" | "visited">>) => void;
}

const preferred = (): Theme =>
  globalThis.matchMedia?.("(prefers-color-scheme: dark)").matches ? "dark" : "light";

/** How this reader reads: units, theme. Kept on this device. */
export const useReading = create<ReadingState>()(
  persist((set) => ({ system: "metric", absolute: false, theme: preferred(), visited: false, set }), {
    name: "proven-seat-reading",
    partialize: ({ system, absolute, theme, visited }) => ({ system, absolute, theme, visited }),
  }),
);
