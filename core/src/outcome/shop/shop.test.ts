import { describe, expect, it } from "vitest";
import { demoDuty, demoTags } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { bare, cautions, demoWork, house, words } from "../../../test/workshop.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { settle } from "../../duty/settling/settle.ts";
import { type PlanKind, planKinds, shopPlan } from "./plan.ts";
import type { ShopStep } from "./step.ts";
import type { Work } from "./work.ts";

describe.each(constructions.map(({ id }) => id))("a plan for %s", (id) => {
  const work = bare(id);
  it("removes every piece that comes off, each once, then lays all of them out", () => {
    const plan = shopPlan("strip", work);
    const pieceIds = plan.steps.flatMap(({ piece }) => (piece ? [piece.id] : []));
    expect(new Set(pieceIds).size).toBe(pieceIds.length);
    expect(pieceIds).toEqual(plan.count.map((c) => c.id));
    expect(plan.steps[0]!.stage).toBe("make safe");
    expect(plan.steps.at(-1)!.stage).toBe("lay out and count");
    // Nothing is dismantled before it is safe, and nothing marked afterwards.
    const stages = plan.steps.map(({ stage }) => stage);
    expect(stages.lastIndexOf("make safe")).toBeLessThan(stages.indexOf("take apart"));
    expect(stages.lastIndexOf("mark")).toBeLessThan(stages.indexOf("take apart"));
  });
  it("turns the closure before any piece that needs another position", () => {
    for (const kind of ["strip", "put together", "reseat"] as const) {
      let stands: ShopStep["at"] = null;
      let stemIn = false;
      for (const { at, piece, stage } of shopPlan(kind, work).steps) {
        if (piece === null && at !== null && stage !== "make safe") stands = at;
        // Before the stem is in, the closure is fitted in position.
        if (piece?.role === "closing member" && kind !== "strip" && !stemIn) stands = at;
        if (piece?.id === "stem") stemIn = kind === "put together";
        if (piece !== null && at !== null) expect(stands, `${piece.id}, ${kind}`).toBe(at);
      }
    }
  });
  it("turns by a fitted stem, and by nothing else", () => {
    for (const kind of ["strip", "put together", "reseat"] as const) {
      const { steps } = shopPlan(kind, work);
      const stepAt = (wanted: string, stage: ShopStep["stage"]) =>
        steps.findIndex(({ piece, stage: stepStage }) => piece?.id === wanted && stepStage === stage);
      for (const [i, { does, piece }] of steps.entries()) {
        if (piece !== null || !/^Turn the/.test(does)) continue;
        const [off, on] = [stepAt("stem", "take apart"), stepAt("stem", "put together")];
        // Between its removal and its return, or before it is fitted, there is no stem to turn by.
        expect(off >= 0 && i > off && (on < 0 || i < on), `${kind}: ${does}`).toBe(false);
        if (kind === "put together") expect(on >= 0 && i < on, `${kind}: ${does}`).toBe(false);
      }
    }
  });
  it("puts back every removed piece in reverse order, with every seal new", () => {
    const off = shopPlan("strip", work).count.map((c) => c.id);
    const back = shopPlan("put together", work).steps.flatMap(({ piece }) => (piece ? [piece] : []));
    expect(back.map((p) => p.id)).toEqual([...off].reverse());
    for (const { renew, piece, does } of shopPlan("put together", work).steps)
      if (piece && renew === "always") expect(does).toMatch(/new/);
  });
  it("names a tool for every piece that is removed or put back", () => {
    for (const kind of ["strip", "put together"] as const)
      for (const { piece, figures } of shopPlan(kind, work).steps)
        expect(
          figures.some(({ what }) => what === "tool"),
          piece?.id,
        ).toBe(piece !== null);
  });
  it("consists of sentences, none of them empty", () => {
    for (const kind of planKinds)
      for (const s of shopPlan(kind, work).steps) {
        for (const sentence of [s.does, ...s.cautions]) expect(sentence).toMatch(/^[A-Z].*\.$/);
        // A dimension without a limit refers to the maker's drawing.
        for (const { least, most: maximum, source } of s.measures)
          expect(least !== null || maximum !== null || /maker/.test(source)).toBe(true);
        expect(`${s.does} ${s.look.join(" ")}`).not.toMatch(/undefined|null|NaN/);
      }
  });
});

describe("a strip-down plan", () => {
  it("makes safe every hazard of the duty", () => {
    const sour = { ...bare("trunnion-side-entry"), duty: settle(demoDuty("XV-3052"), house) };
    const { valve } = sour;
    const safe = (change: Partial<Work>) =>
      shopPlan("strip", { ...sour, ...change }).steps.filter(({ stage }) => stage === "make safe");
    const ofDuty = (change: Parameters<typeof dutyWith>[0]) =>
      safe({ duty: settle(dutyWith(change), house) });
    const lethal = ofDuty({ fluid: { hazards: ["lethal"] } });
    expect(cautions(lethal)).toMatch(/breath of the fluid can kill/);
    expect(words(lethal)).toMatch(/purge/);
    expect(cautions(ofDuty({ fluid: { hazards: ["oxygen"] } }))).toMatch(/ignite in oxygen/);
    expect(words(ofDuty({ cases: [{ temperatureC: 61 }] }))).toMatch(/cool/);
    expect(words(ofDuty({ cases: [{ temperatureC: 60 }] }))).not.toMatch(/cool/);
    expect(words(ofDuty({ cases: [{ temperatureC: -11 }] }))).toMatch(/warm up/);
    expect(words(ofDuty({ cases: [{ temperatureC: -10 }] }))).not.toMatch(/warm up/);
    expect(valve.construction.holdsCavity).toBe(true);
    expect(words(safe({}))).toMatch(/Vent the cavity/);
    expect(words(shopPlan("strip", bare("butterfly-double-offset")).steps)).not.toMatch(/Vent the cavity/);
  });
  it("names no brass and no copper where the fluid attacks it", () => {
    const stepsFor = (fluid: NonNullable<Parameters<typeof dutyWith>[0]>["fluid"]) =>
      JSON.stringify(
        (["strip", "put together"] as const).map((kind) =>
          shopPlan(kind, {
            ...bare("trunnion-side-entry"),
            duty: settle(dutyWith({ fluid: { ...fluid, substance: null } }), house),
          }),
        ),
      );
    expect(stepsFor({ name: "condensate" })).toMatch(/brass or plastic hook/);
    for (const name of ["acetylene", "1,3-butadiene"]) {
      expect(stepsFor({ name })).not.toMatch(/brass or plastic hook/);
      expect(stepsFor({ name })).toMatch(/explosive compound/);
      expect(stepsFor({ name })).toMatch(/no paste that contains copper/);
    }
    expect(stepsFor({ name: "NH3", family: "ammonia" })).toMatch(/alloys crack in ammonia/);
  });
  it("keeps lapped pairs together", () => {
    const metal = demoWork("XV-8006");
    const looks = (work: Work) =>
      shopPlan("strip", work)
        .steps.flatMap(({ look }) => look)
        .join();
    expect(metal.valve.seat.material.kind).toBe("metal");
    expect(looks(metal)).toMatch(/stay in pairs/);
    expect(looks(bare("floating-two-piece"))).not.toMatch(/stay in pairs/);
  });
  it("locks off its operator, and never opens a spring", () => {
    const work = demoTags
      .map(({ number }) => number)
      .map((n) => (n === "XV-3052" ? demoWork(n) : null))
      .find(Boolean)!;
    const plan = shopPlan("strip", work);
    expect(words(plan.steps)).toMatch(/vent the actuator's air/);
    if (work.drive!.springSet !== null) expect(cautions(plan.steps)).toMatch(/Never open the spring housing/);
    expect(words(shopPlan("strip", { ...work, drive: null }).steps)).not.toMatch(/air supply/);
  });
  it("of a floating ball has it shut when it comes out, of a trunnion ball open", () => {
    const positionOf = (id: string) =>
      shopPlan("strip", bare(id)).steps.find(({ piece }) => piece?.id === "ball")!.at;
    expect(positionOf("floating-two-piece")).toBe("shut");
    expect(positionOf("trunnion-side-entry")).toBe("open");
  });
  it("of a welded body states that ball and seats do not come out", () => {
    const plan = shopPlan("strip", bare("trunnion-welded"));
    expect(plan.limits).toMatch(/welded/);
    expect(plan.count.some(({ id }) => id === "ball" || id === "upstream-seat")).toBe(false);
    expect(plan.count.some(({ id }) => id === "packing")).toBe(true);
  });
});

describe("mounting the actuator", () => {
  it("is the plan of the fit-up, and none for a bare stem", () => {
    const work = demoWork("XV-3052");
    expect(shopPlan("fit the drive", work).steps.map(({ does }) => does)).toEqual(
      work.fitting.map(({ does }) => does),
    );
    expect(shopPlan("fit the drive", bare("tilt-away")).limits).toMatch(/bare stem/);
  });
  it("works for every demo tag with a selected actuator", () => {
    const kinds: PlanKind[] = ["strip", "put together"];
    for (const { number } of demoTags.slice(0, 12))
      for (const kind of kinds)
        expect(shopPlan(kind, demoWork(number)).steps.length, number).toBeGreaterThan(8);
  });
});
