import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { JobEvent, Said } from "../shop/job/event.ts";
import { stepNames } from "../shop/job/state.ts";
import { leakPicture } from "../shop/leak/picture.ts";
import { shopPlan } from "../shop/plan.ts";
import { type JobOf, jobDocument } from "./job-document.ts";

const house = defaultHouseRules();
const duty = settle(demoDuty("XV-3052"), house);
const valve = demoShelf.valvesFor(100).find((v) => v.construction.id === "trunnion-side-entry")!;
const plan = shopPlan("strip", { valve, drive: null, duty, house, fitting: [] });
const names = stepNames(plan.steps);
const said = (...said: Said[]): JobEvent[] =>
  said.map((entry, i) => ({
    id: `00000000-0000-4000-8000-00000000000${i}`,
    at: `2026-11-27T10:00:0${i}.000Z`,
    who: "Day shift",
    said: entry,
  }));
const jobWith = (events: JobEvent[], change: Partial<JobOf> = {}): JobOf => ({
  project: "Tarn Ness",
  tag: { number: "XV-1", service: "", unit: "U1" },
  kind: "strip",
  valve: "a valve",
  plan,
  startedAt: "2026-11-27T09:00:00.000Z",
  startedBy: "Day shift",
  events,
  address: "http://host/x",
  at: "2026-11-27T12:00:00.000Z",
  ...change,
});
const rows = (made: ReturnType<typeof jobDocument>, name: string) =>
  (made.blocks.find((b) => b.kind === "table" && b.name === name) as { rows: readonly (readonly string[])[] })
    .rows;

describe("a job as a document", () => {
  it("has a row for every step, with who did it and a reading judged in the reader's units", () => {
    const index = plan.steps.findIndex(({ measures }) =>
      measures.some(({ most: maximum }) => maximum !== null),
    );
    const measure = plan.steps[index]!.measures.find(({ most: maximum }) => maximum !== null)!;
    const events = said(
      { kind: "tick", step: names[0]!, done: true },
      { kind: "reading", step: names[index]!, what: measure.what, value: measure.most! * 2 },
      { kind: "deviation", step: names[1]!, text: "done from below" },
      { kind: "note", step: null, text: "wet weather" },
    );
    const made = jobDocument(jobWith(events), null, { system: "metric" });
    const done = rows(made, "Work done");
    expect(done).toHaveLength(plan.steps.length);
    expect(done[0]![3]).toBe("Day shift, 2026-11-27 10:00 UTC");
    expect(done[1]![3]).toBe("–");
    expect(done[1]![2]).toContain("Deviation from the plan: done from below");
    expect(done[index]![2]).toContain("ABOVE ITS LIMIT");
    expect(JSON.stringify(made.blocks)).toContain("wet weather");
    expect(JSON.stringify(made.blocks)).toContain("not finished");
  });
  it("of a leak lists each answer with its effect, and the present probabilities", () => {
    const seen = [{ check: "stop", answer: "short of it" }];
    const events = said(
      { kind: "place", place: "through the valve" },
      { kind: "seen", ...seen[0]! },
      { kind: "leak rate", of: "gas", mlMin: 12 },
      { kind: "finished" },
      { kind: "note", step: null, text: "afterwards" },
    );
    const leak = leakPicture(valve, duty, house, "through the valve", seen);
    const made = jobDocument(jobWith(events, { kind: "find a leak", plan: null }), leak, {
      system: "metric",
    });
    expect(rows(made, "Checks made")[0]![1]).toBe("short of it");
    expect(rows(made, "Possible causes")[0]![0]).toBe(leak.ranked[0]!.name);
    const words = JSON.stringify(made.blocks);
    expect(words).toContain("12 ml/min of gas");
    expect(words).toContain("One entry was added after");
  });
  it("has another digest as soon as an entry is added", () => {
    const [a, b] = [[], said({ kind: "tick", step: names[0]!, done: true })].map(
      (events) => jobDocument(jobWith(events), null, { system: "metric" }).fingerprint.digest,
    );
    expect(a).not.toBe(b);
  });
});
