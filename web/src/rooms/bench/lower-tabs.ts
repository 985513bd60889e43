import { create } from "zustand";
import type { StationId } from "./stations.ts";

export type LowerTab = "candidates" | "variants" | "seats" | "drives" | "reach" | "compare";

export const tabNames: Record<LowerTab, string> = {
  candidates: "Candidates",
  variants: "Body, trim and seals",
  seats: "Seats",
  drives: "Drives",
  reach: "How far it may move",
  compare: "Compare",
};

const ofStation: Partial<Record<StationId, readonly LowerTab[]>> = {
  body: ["candidates", "variants", "reach", "compare"],
  envelope: ["candidates", "seats", "reach", "compare"],
  torque: ["drives", "candidates", "reach", "compare"],
  drive: ["drives", "candidates", "reach", "compare"],
  "fit-up": ["drives", "candidates", "reach", "compare"],
};

export const lowerTabs = (station: StationId): readonly LowerTab[] =>
  ofStation[station] ?? ["candidates", "reach", "compare"];

/** What was picked stays picked from station to station, where the station has it. */
export const useLower = create<{ picked: LowerTab | null; pick: (tab: LowerTab) => void }>()((set) => ({
  picked: null,
  pick: (picked) => set({ picked }),
}));

export function tabOf(station: StationId, picked: LowerTab | null): LowerTab {
  const tabs = lowerTabs(station);
  return picked !== null && tabs.includes(picked) ? picked : tabs[0]!;
}
