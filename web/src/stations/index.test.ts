// @vitest-environment happy-dom
import { ruleStations } from "@proven-seat/core/judgement/rules";
import { describe, expect, it } from "vitest";
import { atTheBench } from "../../test/at-the-bench.tsx";
import { rooms } from "../rooms/index.ts";
import { findingGroups, stationNamed, stations } from "./index.ts";

describe("the stations", () => {
  it("are in the order of the work, each found by its address", () => {
    expect(stations.map((s) => s.id)).toEqual([
      "duty",
      "body",
      "envelope",
      "flow",
      "torque",
      "drive",
      "fit-up",
      "sheet",
    ]);
    for (const station of stations) expect(stationNamed(station.id)).toBe(station);
    expect(stationNamed("nowhere").id).toBe("envelope");
    expect(new Set(stations.map((s) => s.place)).size).toBe(stations.length);
  });
  it("show the findings of every rule, each at one station", () => {
    expect(findingGroups.map((g) => g.id).sort()).toEqual([...ruleStations].sort());
  });
  it("have keys that do not collide, and none used for the line or the candidates", () => {
    const keys = stations.flatMap(({ commands = [] }) => commands.flatMap(({ key }) => (key ? [key] : [])));
    expect(new Set([...keys, "c", "v", "k", "l", "o"]).size).toBe(keys.length + 5);
  });
  it("show for a bare stem on the bench what a hand must turn", () => {
    const { view } = atTheBench("HV-1040");
    const says = stationNamed("drive").says({
      view,
      cases: 1,
      chosen: false,
      issued: null,
      units: { system: "metric" },
    });
    expect(says).toMatch(view.selected!.candidate.drive ? /./ : /^by hand, .* N·m/);
  });
});

describe("the rooms", () => {
  it("have an address each, and every one opens", async () => {
    expect(new Set(rooms.map((r) => r.path)).size).toBe(rooms.length);
    for (const { load } of rooms) expect(await load()).toBeTypeOf("function");
  });
});
