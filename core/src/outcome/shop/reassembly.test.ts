import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import { bare, house, words } from "../../../test/workshop.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { settle } from "../../duty/settling/settle.ts";
import { assemblyOf } from "../../equipment/catalogue/valve.ts";
import { torqueDemand } from "../../mechanics/torque/demand.ts";
import { shopPlan } from "./plan.ts";
import { chainOf } from "./stack/chain.ts";
import { limitsText } from "./step.ts";

describe("reseating", () => {
  it("of a segment leaves the segment in, turns it open and then shut on the new seat", () => {
    const plan = shopPlan("reseat", bare("segment-ball"));
    expect(plan.count.map(({ id }) => id)).toEqual(["retainer-screws", "retainer", "seat", "seat-ring"]);
    // New seat in and its retainer loose, turned shut on it, then held: in that order, and each once.
    const order = [
      "the new seat\\.",
      "Refit the seat retainer",
      "Close the .* against the seat",
      "screws until just tight.*Do not use shims",
    ].map((part) => plan.steps.findIndex(({ does }) => new RegExp(part).test(does)));
    expect(order.every((index) => index >= 0)).toBe(true);
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(plan.steps.filter(({ does }) => /new seat\./.test(does))).toHaveLength(1);
  });
  it("is no plan of its own where the closure has to come out", () => {
    expect(shopPlan("reseat", bare("floating-two-piece"))).toMatchObject({
      steps: [],
      limits: expect.stringMatching(/strip-down plan/),
    });
  });
  it("of a lubricated plug removes and lowers nothing", () => {
    const plan = shopPlan("reseat", bare("plug-lubricated"));
    expect(plan.count).toEqual([]);
    expect(words(plan.steps)).toMatch(/new sealant/);
    expect(plan.steps.some(({ stage }) => stage === "make safe")).toBe(false);
  });
});

describe("a replaced seat", () => {
  const reseats = constructions
    .map(({ id }) => id)
    .filter((id) => shopPlan("reseat", bare(id)).count.length > 0);
  it("is a plan of its own wherever seats come out past the parts that stay, or in one lift with the closure", () => {
    expect(reseats).toEqual(
      expect.arrayContaining([
        "trunnion-side-entry",
        "trunnion-top-entry",
        "tilt-away",
        "v-port-ball",
        "segment-ball",
        "butterfly-double-offset",
        "butterfly-triple-offset",
      ]),
    );
    const side = shopPlan("reseat", bare("trunnion-side-entry"));
    expect(side.count.some(({ id }) => id === "ball" || id === "stem")).toBe(false);
  });
  it.each(reseats)("of %s replaces every disturbed seal, and counts every loose spring", (id) => {
    const work = bare(id);
    const { pieces } = assemblyOf(work.valve);
    const plan = shopPlan("reseat", work);
    const off = new Set(plan.count.map((counted) => counted.id));
    for (const { id: pieceId, role, heldBy, out } of pieces)
      if ((role === "seal" || role === "spring") && out !== "stays" && heldBy.length > 0)
        if (heldBy.every((holder) => off.has(holder))) expect(off, pieceId).toContain(pieceId);
    for (const { id: pieceId } of plan.count) {
      const back = plan.steps.filter(({ piece, stage }) => piece?.id === pieceId && stage === "put together");
      expect(back, pieceId).toHaveLength(1);
      if (back[0]!.piece!.role === "seal") expect(back[0]!.does).toMatch(/new/);
    }
  });
  it.each(reseats)("of %s is cleaned for its service, and counted before it goes back", (id) => {
    const oxygen = settle(dutyWith({ fluid: { hazards: ["oxygen"] } }), house);
    const { steps } = shopPlan("reseat", { ...bare(id), duty: oxygen });
    const indexOfStage = (stage: string) => steps.findIndex((step) => step.stage === stage);
    expect(words(steps)).toMatch(/Degrease every part/);
    expect(indexOfStage("lay out and count")).toBeLessThan(indexOfStage("count in and clean"));
    expect(indexOfStage("count in and clean")).toBeLessThan(indexOfStage("put together"));
  });
  it("is centred by its sealing surface before its screws are tightened, in every plan", () => {
    for (const id of ["v-port-ball", "segment-ball", "butterfly-double-offset", "butterfly-triple-offset"])
      for (const kind of ["reseat", "put together"] as const) {
        const { steps } = shopPlan(kind, bare(id));
        const back = (pieceId: string) =>
          steps.findIndex(({ piece, stage }) => piece?.id === pieceId && stage === "put together");
        const centred = steps.findIndex(({ does }) => /screws by hand only\. Close/.test(does));
        expect(centred, id).toBe(back("retainer-screws") - 1 - Number(id === "butterfly-triple-offset"));
        expect(centred, id).toBeGreaterThan(back("retainer"));
      }
  });
  it("is held back by its tool before a ball goes in from above, and released after it", () => {
    const does = shopPlan("put together", bare("trunnion-top-entry")).steps.map((step) => step.does);
    const indexOfStep = (part: RegExp) => does.findIndex((sentence) => part.test(sentence));
    expect(indexOfStep(/Retract both seats from the ball/)).toBeLessThan(indexOfStep(/Refit the ball/));
    expect(indexOfStep(/Refit the ball/)).toBeLessThan(indexOfStep(/Release both seats/));
  });
});

describe("a seat stack", () => {
  it("is checked before its pieces go in, and skipped where dimensions do not set the seat load", () => {
    const asked = (id: string) =>
      shopPlan("put together", bare(id)).steps.find(({ does }) => /Seat stack/.test(does));
    const { measures } = asked("floating-two-piece")!;
    expect(measures.at(-1)).toMatchObject({ unit: "N", least: null });
    const { links } = chainOf(bare("floating-two-piece").valve)!;
    expect(measures.slice(0, -1).map(({ what }) => what)).toEqual(links.map(({ name }) => name));
    expect(asked("floating-two-piece")!.look.join()).toMatch(/selected from stock/);
    expect(asked("butterfly-triple-offset")).toBeUndefined();
  });
});

describe("the torque of a reassembled valve", () => {
  const measured = (change: Partial<ReturnType<typeof bare>>, id = "trunnion-side-entry") =>
    shopPlan("put together", { ...bare(id), ...change }).steps.at(-1)!;
  it("is compared with the proof's value, or the stem limit where that is lower", () => {
    const work = bare("trunnion-side-entry");
    const counted = torqueDemand(work.valve, work.duty, house).covering!.opening[0]!;
    expect(counted).toBeLessThan(work.valve.size.maximumStemTorqueNm);
    expect(measured({}).measures[0]).toMatchObject({
      most: counted,
      source: expect.stringMatching(/prove the actuator again/),
    });
    const weak = { ...work.valve, size: { ...work.valve.size, maximumStemTorqueNm: counted / 2 } };
    expect(measured({ valve: weak }).measures[0]).toMatchObject({
      most: counted / 2,
      source: "stem torque limit",
    });
  });
  it("is compared with the stem limit alone where the proof has no torque, which is stated", () => {
    const duty = settle(dutyWith({ cases: [{ upstreamBarG: null }] }), house);
    const blind = measured({ duty });
    expect(blind.measures[0]).toMatchObject({ source: "stem torque limit" });
    expect(blind.look.join()).toMatch(/has no torque/);
  });
});

describe("reassembly", () => {
  it("loads the packing by its kind: to a recorded height, or just tight", () => {
    const work = bare("floating-two-piece");
    const stepsFor = (
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
    const [live, plain] = [stepsFor("live-loaded stack"), stepsFor("adjustable gland")];
    const limits = ({ measures }: typeof live) =>
      measures.map((measure) => limitsText(measure, { system: "metric" }));
    expect(live.look.join()).toMatch(/catalogue states no height/);
    expect(limits(live)).toEqual(["record the value"]);
    const stated = stepsFor("live-loaded stack", { heightMm: 21.5, toleranceMm: 0.3 });
    expect(stated.look.join()).not.toMatch(/states no height/);
    expect(limits(stated)).toEqual(["21.2 mm to 21.8 mm"]);
    expect(stated.measures[0]!.source).toMatch(/maker's value/);
    expect(plain.does).toMatch(/just tight/);
    expect(live.does).not.toMatch(/just tight/);
    expect(plain.measures).toEqual([]);
  });
  it("tightens the shell crosswise in the house rule's passes, to a torque with its meaning", () => {
    const steps = shopPlan("put together", {
      ...bare("floating-two-piece"),
      house: { ...house, tighteningPasses: 4 },
    }).steps;
    const bolts = steps.find(({ piece }) => piece?.id === "body-bolts")!;
    expect(bolts.does).toMatch(/crosswise in 4 passes/);
    expect(bolts.figures.map(({ what }) => what)).toEqual([
      "tool",
      "bolting of each joint",
      "torque, lubricated, friction 0.12, calculated",
      "preload of each stud",
      "preload needed for the shell test",
    ]);
  });
  it("tightens a retainer just snug", () => {
    const { steps } = shopPlan("put together", bare("segment-ball"));
    const snug = steps.find(({ piece }) => piece?.id === "retainer-screws")!;
    expect(snug.does).toMatch(/just tight/);
    expect(snug.figures.map(({ what }) => what)).toEqual(["tool"]);
  });
  it("fits the stem before its packing, and the packing before its gland, in every body with them", () => {
    for (const { id } of constructions) {
      const back = shopPlan("put together", bare(id)).steps.flatMap(({ piece }) => (piece ? [piece.id] : []));
      const order = ["stem", "packing", "gland"]
        .map((piece) => back.indexOf(piece))
        .filter((index) => index >= 0);
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
  it("of a welded-in body keeps soft parts away from the heat", () => {
    const stepsFor = (endConnection: "butt-weld" | "flanged RF") => {
      const duty = settle(dutyWith({ endConnection }), house);
      const { steps } = shopPlan("put together", { ...bare("floating-three-piece"), duty });
      return steps.flatMap(({ look }) => look).join();
    };
    expect(stepsFor("butt-weld")).toMatch(/after the weld has cooled/);
    expect(stepsFor("flanged RF")).not.toMatch(/weld/);
  });
  it("measures a stem against its allowed wear", () => {
    const work = bare("trunnion-side-entry");
    const stem = shopPlan("strip", work).steps.find(({ piece }) => piece?.id === "stem")!;
    expect(stem.measures[0]!.least).toBeCloseTo(work.valve.size.stemDiameterMm - house.wornOffMm, 9);
  });
});
