import { describe, expect, it } from "vitest";
import { demoDuty, demoShelf, demoTags } from "../../test/demo.ts";
import { dutyWith } from "../../test/fixture.ts";
import { constructions } from "../bodies/index.ts";
import { settle } from "../duty/index.ts";
import { defaultHouseRules } from "../house/index.ts";
import { fitUpPicture, prove } from "../proof/index.ts";
import { limitsText, type PlanKind, planKinds, type ShopStep, shopPlan, type Work } from "./index.ts";
import { jointTorque } from "./tightening.ts";

const house = defaultHouseRules();
const inHand = (number: string): Work => {
  const duty = settle(demoDuty(number), house);
  const best = prove(demoDuty(number), demoShelf, house).candidates[0]!;
  const { steps } = fitUpPicture(best, duty, house);
  return { valve: best.valve, drive: best.drive, duty, house, fitting: steps };
};
/** A valve of a construction, bare. */
const bare = (
  id: string,
  sizes: readonly number[] = [15, 25, 50, 80, 100, 150, 200, 300, 400],
  designation?: string,
): Work => {
  const valve = sizes
    .flatMap((dn) => demoShelf.valvesFor(dn))
    .filter((v) => v.construction.id === id)
    .find((v) => designation === undefined || v.size.designation === designation)!;
  return { valve, drive: null, duty: settle(dutyWith(), house), house, fitting: [] };
};
const words = (steps: readonly ShopStep[]) => steps.map(({ does }) => does).join("\n");
const cautions = (steps: readonly ShopStep[]) => steps.flatMap((s) => s.cautions).join("\n");

describe.each(constructions.map(({ id }) => id))("a plan for %s", (id) => {
  const work = bare(id);
  it("takes off what the assembly lets off, each once, then lays all of it out", () => {
    const plan = shopPlan("strip", work);
    const taken = plan.steps.flatMap(({ piece }) => (piece ? [piece.id] : []));
    expect(new Set(taken).size).toBe(taken.length);
    expect(taken).toEqual(plan.count.map((c) => c.id));
    expect(plan.steps[0]!.stage).toBe("make safe");
    expect(plan.steps.at(-1)!.stage).toBe("lay out and count");
    // Nothing is taken apart before it is safe, and nothing marked after.
    const stages = plan.steps.map(({ stage }) => stage);
    expect(stages.lastIndexOf("make safe")).toBeLessThan(stages.indexOf("take apart"));
    expect(stages.lastIndexOf("mark")).toBeLessThan(stages.indexOf("take apart"));
  });
  it("turns the closing member before whatever wants it to stand otherwise", () => {
    for (const kind of ["strip", "put together", "reseat"] as const) {
      let stands: ShopStep["at"] = null;
      for (const { at, piece, stage } of shopPlan(kind, work).steps) {
        if (piece === null && at !== null && stage !== "make safe") stands = at;
        if (piece !== null && at !== null) expect(stands, `${piece.id}, ${kind}`).toBe(at);
      }
    }
  });
  it("puts back what came off, the other way round, with every seal new", () => {
    const off = shopPlan("strip", work).count.map((c) => c.id);
    const back = shopPlan("put together", work).steps.flatMap(({ piece }) => (piece ? [piece] : []));
    expect(back.map((p) => p.id)).toEqual([...off].reverse());
    for (const { renew, piece, does } of shopPlan("put together", work).steps)
      if (piece && renew === "always") expect(does).toMatch(/new/);
  });
  it("names a tool for every piece that is taken off or put back", () => {
    for (const kind of ["strip", "put together"] as const)
      for (const { piece, figures } of shopPlan(kind, work).steps)
        expect(
          figures.some(({ what }) => what === "tool"),
          piece?.id,
        ).toBe(piece !== null);
  });
  it("says sentences, and nothing empty", () => {
    for (const kind of planKinds)
      for (const s of shopPlan(kind, work).steps) {
        for (const sentence of [s.does, ...s.cautions]) expect(sentence).toMatch(/^[A-Z].*\.$/);
        // What nothing bounds is written down by the maker's drawing.
        for (const { least, most, source } of s.measures)
          expect(least !== null || most !== null || /maker/.test(source)).toBe(true);
        expect(`${s.does} ${s.look.join(" ")}`).not.toMatch(/undefined|null|NaN/);
      }
  });
});

describe("a strip-down plan", () => {
  it("makes safe what the duty makes dangerous", () => {
    const sour = { ...bare("trunnion-side-entry"), duty: settle(demoDuty("XV-3052"), house) };
    const { valve } = sour;
    const safe = (change: Partial<Work>) =>
      shopPlan("strip", { ...sour, ...change }).steps.filter(({ stage }) => stage === "make safe");
    const ofDuty = (of: Parameters<typeof dutyWith>[0]) => safe({ duty: settle(dutyWith(of), house) });
    const lethal = ofDuty({ fluid: { hazards: ["lethal"] } });
    expect(cautions(lethal)).toMatch(/breath of it can kill/);
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
  it("locks off what drives it, and never opens a spring", () => {
    const work = demoTags
      .map(({ number }) => number)
      .map((n) => (n === "XV-3052" ? inHand(n) : null))
      .find(Boolean)!;
    const plan = shopPlan("strip", work);
    expect(words(plan.steps)).toMatch(/vent its air/);
    if (work.drive!.springSet !== null) expect(cautions(plan.steps)).toMatch(/never open the spring side/);
    expect(words(shopPlan("strip", { ...work, drive: null }).steps)).not.toMatch(/its air/);
  });
  it("of a floating ball has it shut when it comes out, of a trunnion ball open", () => {
    const at = (id: string) =>
      shopPlan("strip", bare(id)).steps.find(({ piece }) => piece?.id === "ball")!.at;
    expect(at("floating-two-piece")).toBe("shut");
    expect(at("trunnion-side-entry")).toBe("open");
  });
  it("of a welded body says that ball and seats do not come out", () => {
    const plan = shopPlan("strip", bare("trunnion-welded"));
    expect(plan.limits).toMatch(/welded/);
    expect(plan.count.some(({ id }) => id === "ball" || id === "upstream-seat")).toBe(false);
    expect(plan.count.some(({ id }) => id === "packing")).toBe(true);
  });
});

describe("reseating", () => {
  it("of a segment leaves the segment in, turns it open and then shut on the new seat", () => {
    const plan = shopPlan("reseat", bare("segment-ball"));
    expect(plan.count.map(({ id }) => id)).toEqual(["retainer-screws", "retainer", "seat", "seat-ring"]);
    expect(words(plan.steps)).toMatch(/no shims/);
    // New seat in, turned shut on it, then held: in that order, and each once.
    const order = [
      "new seat along|the new seat\\.",
      "shut on the new seat",
      "seat retainer back",
      "retainer screws evenly",
    ].map((part) => plan.steps.findIndex(({ does }) => new RegExp(part).test(does)));
    expect(order.every((at) => at >= 0)).toBe(true);
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(plan.steps.filter(({ does }) => /new seat\./.test(does))).toHaveLength(1);
  });
  it("is no plan of its own where the closing member has to come out", () => {
    expect(shopPlan("reseat", bare("floating-two-piece"))).toMatchObject({
      steps: [],
      limits: expect.stringMatching(/strip it/),
    });
  });
  it("of a lubricated plug takes nothing off and lets nothing down", () => {
    const plan = shopPlan("reseat", bare("plug-lubricated"));
    expect(plan.count).toEqual([]);
    expect(words(plan.steps)).toMatch(/fresh sealant/);
    expect(plan.steps.some(({ stage }) => stage === "make safe")).toBe(false);
  });
});

describe("putting together", () => {
  it("loads the packing by its school: to a height that is written down, or just tight", () => {
    const work = bare("floating-two-piece");
    const at = (
      stemSeal: "live-loaded stack" | "adjustable gland",
      liveLoading: typeof work.valve.size.liveLoading = null,
    ) => {
      const valve = {
        ...work.valve,
        seals: { ...work.valve.seals, stemSeal },
        size: { ...work.valve.size, liveLoading },
      };
      return shopPlan("put together", { ...work, valve }).steps.find(
        ({ piece }) => piece?.id === "gland-nuts",
      )!;
    };
    const [live, plain] = [at("live-loaded stack"), at("adjustable gland")];
    const limits = ({ measures }: typeof live) =>
      measures.map((measure) => limitsText(measure, { system: "metric" }));
    expect(live.look.join()).toMatch(/catalogue states no height/);
    expect(limits(live)).toEqual(["to be written down"]);
    const stated = at("live-loaded stack", { heightMm: 21.5, toleranceMm: 0.3 });
    expect(stated.look.join()).not.toMatch(/states no height/);
    expect(limits(stated)).toEqual(["21.2 mm to 21.8 mm"]);
    expect(stated.measures[0]!.source).toMatch(/maker's figure/);
    expect(plain.does).toMatch(/just tight/);
    expect(live.does).not.toMatch(/just tight/);
    expect(plain.measures).toEqual([]);
  });
  it("tightens the shell crosswise in the house's passes, to a torque that says what it is", () => {
    const steps = shopPlan("put together", {
      ...bare("floating-two-piece"),
      house: { ...house, tighteningPasses: 4 },
    }).steps;
    const bolts = steps.find(({ piece }) => piece?.id === "body-bolts")!;
    expect(bolts.does).toMatch(/crosswise in 4 passes/);
    expect(bolts.figures.map(({ what }) => what)).toEqual([
      "tool",
      "screws, estimated",
      "torque, lubricated, estimated",
      "torque, dry, estimated",
    ]);
    const [, , lubricated, dry] = bolts.figures.map(({ value }) => Number(value));
    expect(dry).toBeGreaterThan(lubricated!);
  });
  it("tightens what shuts a stem off with less than what shuts the bore off, and a retainer just snug", () => {
    const steps = (id: string) => shopPlan("put together", bare(id)).steps;
    const { valve } = bare("trunnion-side-entry", [300], "class 600");
    const torque = (holds: "the bore" | "the stem") =>
      Number(jointTorque(valve, { count: 12, holds }, 100, house)[1]!.value);
    expect(torque("the stem")).toBeLessThan(torque("the bore"));
    expect(jointTorque(valve, { count: 12, holds: "nothing" }, 100, house)).toEqual([]);
    // Twelve that carry 10 000 bar there are not.
    expect(jointTorque(valve, { count: 12, holds: "the bore" }, 10_000, house)).toEqual([]);
    const snug = steps("segment-ball").find(({ piece }) => piece?.id === "retainer-screws")!;
    expect(snug.does).toMatch(/just tight/);
    expect(snug.figures.map(({ what }) => what)).toEqual(["tool"]);
  });
  it("puts the stem in before its packing, and the packing before its gland, in every body that has them", () => {
    for (const { id } of constructions) {
      const back = shopPlan("put together", bare(id)).steps.flatMap(({ piece }) => (piece ? [piece.id] : []));
      const order = ["stem", "packing", "gland"].map((piece) => back.indexOf(piece)).filter((at) => at >= 0);
      if (id !== "plug-sleeved")
        expect(
          [...order].sort((a, b) => a - b),
          id,
        ).toEqual(order);
    }
  });
  it("of a body for oxygen degreases it", () => {
    const work = {
      ...bare("trunnion-side-entry"),
      duty: settle(dutyWith({ fluid: { hazards: ["oxygen"] } }), house),
    };
    expect(words(shopPlan("put together", work).steps)).toMatch(/Degrease/);
    expect(words(shopPlan("put together", bare("trunnion-side-entry")).steps)).not.toMatch(/Degrease/);
  });
  it("measures a stem against what may be worn off it", () => {
    const work = bare("trunnion-side-entry");
    const stem = shopPlan("strip", work).steps.find(({ piece }) => piece?.id === "stem")!;
    expect(stem.measures[0]!.least).toBeCloseTo(work.valve.size.stemDiameterMm - house.wornOffMm, 9);
  });
});

describe("fitting the drive", () => {
  it("is the plan of the fit-up, and none of a bare stem", () => {
    const work = inHand("XV-3052");
    expect(shopPlan("fit the drive", work).steps.map(({ does }) => does)).toEqual(
      work.fitting.map(({ does }) => does),
    );
    expect(shopPlan("fit the drive", bare("tilt-away")).limits).toMatch(/bare stem/);
  });
  it("goes for every demo tag that has a drive in hand", () => {
    const kinds: PlanKind[] = ["strip", "put together"];
    for (const { number } of demoTags.slice(0, 12))
      for (const kind of kinds)
        expect(shopPlan(kind, inHand(number)).steps.length, number).toBeGreaterThan(8);
  });
});
