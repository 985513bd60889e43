import { type RuleStation, ruleStations } from "@proven-seat/core/judgement/rules";
import type { Station } from "./station.ts";

/** Every folder with a descriptor is a station. */
const found = import.meta.glob<{ readonly station: Station }>("./*/station.tsx", { eager: true });

/** The stations of the work in order. */
export const stations: readonly Station[] = Object.values(found)
  .map(({ station }) => station)
  .sort((a, b) => a.place - b.place);

/** A station by its address; the envelope where there is no such station. */
export const stationNamed = (id: string): Station =>
  stations.find((station) => station.id === id) ?? stations.find((station) => station.id === "envelope")!;

/** Groups of findings in the order of the work, each with the name of its station. */
export const findingGroups: readonly { readonly id: RuleStation; readonly name: string }[] = stations.flatMap(
  ({ findings, name }) => (findings === null ? [] : [{ id: findings, name }]),
);

/** Columns of the line-up. */
export const markedStations = stations.flatMap(({ id, name, lineUp }) =>
  lineUp === null ? [] : [{ id, name, ...lineUp }],
);

// A rule without a station would be judged and shown nowhere.
for (const id of ruleStations)
  if (!findingGroups.some((group) => group.id === id))
    throw new Error(`No station shows the findings of ${id}.`);
