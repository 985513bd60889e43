import type { UnitSystem } from "@proven-seat/core/units";
export type Theme = "light" | "dark";
interface ReadingState {
  readonly system: UnitSystem;
  /** Pressures read from vacuum instead of from the atmosphere. */
  readonly absolute: boolean;
  readonly theme: Theme;
  readonly visited: boolean;
  readonly set: (change: Partial<Pick<ReadingState, "system" | "absolute" | "theme" | "visited">>) => void;
}
/** How this reader reads: units, theme. Kept on this device. */
export declare const useReading: import("zustand").UseBoundStore<
  Omit<import("zustand").StoreApi<ReadingState>, "persist" | "setState"> & {
    setState(
      partial:
        | Partial<ReadingState>
        | ReadingState
        | ((state: ReadingState) => Partial<ReadingState> | ReadingState),
      replace?: false | undefined,
    ): unknown;
    setState(state: ReadingState | ((state: ReadingState) => ReadingState), replace: true): unknown;
    persist: {
      setOptions: (
        options: Partial<
          import("zustand/middleware").PersistOptions<
            ReadingState,
            {
              system: "US" | "metric";
              absolute: boolean;
              theme: Theme;
              visited: boolean;
            },
            unknown
          >
        >,
      ) => void;
      clearStorage: () => void;
      rehydrate: () => Promise<void>;
      hasHydrated: () => boolean;
      onHydrate: (fn: (state: ReadingState) => void) => () => void;
      onFinishHydration: (fn: (state: ReadingState) => void) => () => void;
      getOptions: () => Partial<
        import("zustand/middleware").PersistOptions<
          ReadingState,
          {
            system: "US" | "metric";
            absolute: boolean;
            theme: Theme;
            visited: boolean;
          },
          unknown
        >
      >;
    };
  }
>;
//# sourceMappingURL=reading.d.ts.map
