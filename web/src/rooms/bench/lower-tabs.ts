import { create } from "zustand";
import type { Tab } from "../../lists/tab.ts";
import type { Station } from "../../stations/station.ts";

/** The selected tab stays from station to station, where the station has it. */
export const useLower = create<{ picked: string | null; pick: (tab: string) => void }>()((set) => ({
  picked: null,
  pick: (picked) => set({ picked }),
}));

/** The list below the picture of a station; undefined where it has none. */
export const tabOf = ({ tabs }: Station, picked: string | null): Tab | undefined =>
  tabs.find((tab) => tab.id === picked) ?? tabs[0];

/** Walks through the lists of a station. */
export function nextTab(station: Station): void {
  const { picked, pick } = useLower.getState();
  const shown = tabOf(station, picked);
  if (!shown) return;
  const { tabs } = station;
  pick(tabs[(tabs.indexOf(shown) + 1) % tabs.length]!.id);
}
