import type { Envelope } from "@proven-seat/core/judgement/proof";
import { describe, expect, it } from "vitest";
import { endNames } from "./end-names.ts";

const end = (which: string, temperatureC: number, name = "PTFE: steam") =>
  ({ end: which, temperatureC, name, part: "seat" }) as Envelope["ends"][number];
const named = (ends: Envelope["ends"], cases: { temperature: number; pressure: number }[] = []) =>
  endNames(ends, cases, { system: "metric" }, (c) => c, [-100, 300], 100);

describe("names of the ends", () => {
  it("are on the far sides of two ends that are close, so that they never meet", () => {
    const [stays, passes] = named([end("stays to", 200), end("passes to", 210)]);
    expect(stays).toMatchObject({ text: "stays to 200 °C, PTFE", position: "insideEndTop" });
    expect(passes).toMatchObject({ text: "passes to 210 °C, PTFE", position: "insideEndBottom" });
  });
  it("face each other at different heights where little is left between coldest and hottest", () => {
    const [lowest, stays] = named([end("lowest", 180), end("stays to", 200)]);
    expect([lowest!.position, stays!.position]).toEqual(["insideStartBottom", "insideEndTop"]);
    expect(named([end("lowest", -29), end("stays to", 200)])[0]!.position).toBe("insideEndBottom");
  });
  it("give way to a case at the head of their line, not to one at its foot", () => {
    const endAt = (pressure: number) =>
      named([end("stays to", 200)], [{ temperature: 190, pressure }])[0]!.position;
    expect([endAt(80), endAt(20)]).toEqual(["insideStartTop", "insideEndTop"]);
  });
  it("are left out where the end is out of view", () => {
    expect(named([end("lowest", -196), end("stays to", 540)])).toEqual([]);
  });
});
