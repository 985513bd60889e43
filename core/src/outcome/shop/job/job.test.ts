import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf } from "../../../../test/demo.ts";
import { defaultHouseRules } from "../../../basis/house/house-rules.ts";
import { settle } from "../../../duty/settling/settle.ts";
import { planKinds, shopPlan } from "../plan.ts";
import { type JobEvent, jobEventSchema, type Said } from "./event.ts";
import { shopPlanSchema } from "./plan-schema.ts";
import { jobState, judgeReading, stepNames, stepState } from "./state.ts";

const house = defaultHouseRules();
const duty = settle(demoDuty("XV-1004"), house);
const stepWords = fc.constantFrom("Isolate.", "Drain.", "Open the joint.");
const said: fc.Arbitrary<Said> = fc.oneof(
  fc.record({ kind: fc.constant("tick" as const), step: stepWords, done: fc.boolean() }),
  fc.record({
    kind: fc.constant("reading" as const),
    step: stepWords,
    what: fc.constantFrom("height", "gap"),
    value: fc.double({ min: -10, max: 10, noNaN: true }),
  }),
  fc.record({ kind: fc.constant("note" as const), step: fc.constant(null), text: fc.constant("seen") }),
  fc.record({ kind: fc.constant("place" as const), place: fc.constantFrom("outside", "through the valve") }),
  fc.record({ kind: fc.constant("seen" as const), check: fc.constant("soap"), answer: fc.constant("dry") }),
  fc.constant({ kind: "taken back" as const }),
  fc.constant({ kind: "finished" as const }),
);
const event: fc.Arbitrary<JobEvent> = fc.record({
  id: fc.uuid(),
  // Few moments, so that clocks agree to the second often.
  at: fc.integer({ min: 0, max: 9 }).map((s) => `2026-11-27T10:00:0${s}.000Z`),
  who: fc.constantFrom("Day shift", "Night shift"),
  said,
});
const eventAt = (second: number, said: Said, who = "Day shift"): JobEvent => ({
  id: `00000000-0000-4000-8000-00000000000${second}`,
  at: `2026-11-27T10:00:0${second}.000Z`,
  who,
  said: said,
});

describe("events of a job", () => {
  it("follow their schema", () => {
    fc.assert(
      fc.property(event, (event) => {
        expect(jobEventSchema.parse(event)).toEqual(event);
      }),
    );
  });
  it("give the same state in any order, with any duplicates", () => {
    const unlike = fc.uniqueArray(event, { selector: (event) => event.id, maxLength: 30 });
    fc.assert(
      fc.property(
        unlike.chain((events) =>
          fc.tuple(
            fc.constant(events),
            fc.shuffledSubarray([...events, ...events], { minLength: 2 * events.length }),
          ),
        ),
        ([events, again]) => {
          expect(jobState(again)).toEqual(jobState(events));
        },
      ),
    );
  });
  it("let the later of two people count, and name whose tick it is", () => {
    const tick = (done: boolean): Said => ({ kind: "tick", step: "Drain.", done });
    const state = jobState([
      eventAt(3, tick(true), "Night shift"),
      eventAt(1, tick(true)),
      eventAt(2, tick(false)),
    ]);
    expect(stepState(state, "Drain.").ticked).toMatchObject({ who: "Night shift" });
    expect(
      stepState(jobState([eventAt(1, tick(true)), eventAt(2, tick(false))]), "Drain.").ticked,
    ).toBeNull();
  });
  it("are ordered by their moment, in any notation", () => {
    const tick = (id: number, time: string, done: boolean) => ({ ...at_(id, done), at: time });
    const at_ = (id: number, done: boolean) => eventAt(id, { kind: "tick", step: "Drain.", done });
    const state = jobState([
      tick(1, "2026-11-27T10:00:00Z", true),
      tick(2, "2026-11-27T10:00:00.500Z", false),
    ]);
    expect(stepState(state, "Drain.").ticked).toBeNull();
  });
  it("keep the newest of each reading, and every remark", () => {
    const reading = (what: string, value: number): Said => ({ kind: "reading", step: "Drain.", what, value });
    const note: Said = { kind: "note", step: "Drain.", text: "pitted" };
    const step = stepState(
      jobState([
        eventAt(1, reading("height", 1)),
        eventAt(2, note),
        eventAt(3, reading("height", 2)),
        eventAt(4, reading("gap", 5)),
        eventAt(5, note),
      ]),
      "Drain.",
    );
    expect(step.readings.map(({ what, value }) => [what, value])).toEqual([
      ["height", 2],
      ["gap", 5],
    ]);
    expect(step.remarks).toHaveLength(2);
  });
  it("keep entries after the end, and count them", () => {
    const state = jobState([
      eventAt(1, { kind: "finished" }),
      eventAt(2, { kind: "note", step: null, text: "late" }),
      eventAt(3, { kind: "finished" }, "Night shift"),
    ]);
    expect(state.finished).toMatchObject({ who: "Day shift" });
    expect(state.afterwards).toBe(2);
    expect(stepState(state, null).remarks).toHaveLength(1);
  });
  it("start a leak trace anew with its place", () => {
    const seen: Said = { kind: "seen", check: "soap", answer: "dry" };
    const state = jobState([
      eventAt(1, { kind: "place", place: "outside" }),
      eventAt(2, seen),
      eventAt(3, { kind: "place", place: "through the valve" }),
      eventAt(4, seen),
      eventAt(5, seen),
      eventAt(6, { kind: "taken back" }),
    ]);
    expect(state).toMatchObject({ place: "through the valve", seen: [{ check: "soap", answer: "dry" }] });
  });
});

describe("a reading", () => {
  it("is judged on both sides of both limits, the limit itself inside", () => {
    const judge = (value: number) => judgeReading(value, { least: 1, most: 2 });
    expect([0.999, 1, 2, 2.001].map(judge)).toEqual(["below", "within", "within", "above"]);
    expect(judgeReading(1e6, { least: null, most: null })).toBe("within");
  });
});

describe("a plan stored with a job", () => {
  it("passes its schema unchanged, for every line and kind, with a name for every step", () => {
    const lines = new Map([50, 100, 200].flatMap((dn) => demoShelf.valvesFor(dn)).map((v) => [v.line.id, v]));
    for (const valve of lines.values())
      for (const kind of planKinds) {
        const plan = shopPlan(kind, { valve, drive: null, duty, house, fitting: [] });
        expect(shopPlanSchema.parse(plan)).toEqual(plan);
        expect(new Set(stepNames(plan.steps)).size).toBe(plan.steps.length);
      }
  });
});
