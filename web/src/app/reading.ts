import type { Quantity, Reading, UnitSystem } from "@proven-seat/core/basis/units";
import { create } from "zustand";
import { persist } from "zustand/middleware";
import { useShallow } from "zustand/react/shallow";

export type Theme = "light" | "dark";

type Kept = Pick<
  ReadingState,
  "system" | "absolute" | "units" | "fieldUnits" | "theme" | "visited" | "project"
>;

interface ReadingState {
  readonly system: UnitSystem;
  /** Pressures read from vacuum instead of from the atmosphere. */
  readonly absolute: boolean;
  /** Units of this reader's own, where they differ from the system's. */
  readonly units: Readonly<Partial<Record<Quantity, string>>>;
  /** The same for single fields of the duty, by field. */
  readonly fieldUnits: Readonly<Record<string, string>>;
  readonly theme: Theme;
  readonly visited: boolean;
  /** Project that was open last. */
  readonly project: string | null;
  readonly set: (change: Partial<Kept>) => void;
}

const preferred = (): Theme =>
  globalThis.matchMedia?.("(prefers-color-scheme: dark)").matches ? "dark" : "light";

/** How this reader reads: units, theme. Kept on this device. */
export const useReading = create<ReadingState>()(
  persist(
    (set) => ({
      system: "metric",
      absolute: false,
      units: {},
      fieldUnits: {},
      theme: preferred(),
      visited: false,
      project: null,
      set,
    }),
    {
      name: "proven-seat-reading",
      partialize: ({ system, absolute, units, fieldUnits, theme, visited, project }): Kept => ({
        system,
        absolute,
        units,
        fieldUnits,
        theme,
        visited,
        project,
      }),
    },
  ),
);

/** The units this reader reads in. */
export const useUnits = (): Reading =>
  useReading(useShallow(({ system, absolute, units }) => ({ system, absolute, units })));
