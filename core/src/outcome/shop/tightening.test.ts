import { describe, expect, it } from "vitest";
import { bare, house } from "../../../test/workshop.ts";
import { isPressureBolting } from "../../construction/bodies/assembly/model.ts";
import { assemblyOf } from "../../equipment/catalogue/valve.ts";
import { shopPlan } from "./plan.ts";
import { tighteningOf } from "./tightening.ts";

const { valve } = bare("trunnion-side-entry", [100], "class 1500");
const closures = assemblyOf(valve).pieces.find(({ id }) => id === "body-bolts")!;
const rated = 255;
const what = (tightening: ReturnType<typeof tighteningOf>) => tightening.figures.map((f) => f.what);
const withJoint = (change: object) => ({
  ...valve,
  size: {
    ...valve.size,
    joints: valve.size.joints.map((j) => (j.bolting === "body-bolts" ? { ...j, ...change } : j)),
  },
});

describe("tightening of a stated joint", () => {
  it("names studs, torque, preload and the preload the shell test needs", () => {
    const { figures, cautions } = tighteningOf(valve, closures, rated, house);
    const [studs, torque, preload, needed] = figures.map(({ value }) => value);
    expect(studs).toBe("12 × M30, L7M");
    expect(Number(torque)).toBeGreaterThan(500);
    expect(Number(preload)).toBeGreaterThanOrEqual(Number(needed));
    expect(cautions.join()).toMatch(/lubricated/);
  });
  it("prints the torque of the maker where there is one", () => {
    const { figures } = tighteningOf(withJoint({ torqueNm: 900 }), closures, rated, house);
    expect(figures[1]).toMatchObject({ what: "torque, lubricated, stated by the maker", value: 900 });
  });
  it("tightens studs above the usual share where the shell test needs it, and warns beyond 90 %", () => {
    const enough = tighteningOf(withJoint({ bolts: 8 }), closures, rated, house);
    expect(Number(enough.figures[2]!.value)).toBeGreaterThanOrEqual(Number(enough.figures[3]!.value));
    const tooFew = tighteningOf(withJoint({ bolts: 4, thread: "M16" }), closures, rated, house);
    expect(tooFew.cautions.join()).toMatch(/do not carry the shell test/);
  });
  it("counts the studs of every equal joint", () => {
    expect(closures).toMatchObject({ count: 24, joints: 2 });
    const plan = shopPlan("strip", { ...bare("trunnion-side-entry", [100], "class 1500") });
    expect(plan.steps.map(({ does }) => does).join()).toMatch(/the 24 closure studs/);
  });
});

describe("tightening of a joint that is not stated", () => {
  const bareJoint = { ...valve, size: { ...valve.size, joints: [] } };
  it("prints no thread and no torque, but the least load and the drawing", () => {
    const tightening = tighteningOf(bareJoint, closures, rated, house);
    expect(what(tightening)).toEqual(["torque", "bolt load of each joint, at least"]);
    expect(tightening.figures[0]!.value).toBe("from the maker's drawing");
    // π/4 · D² · 1.5 · 25.5 MPa.
    const d = valve.size.geometry.closureDiameterMm;
    expect(tightening.figures[1]!.value).toBeCloseTo(((Math.PI / 4) * d * d * 1.5 * 25.5) / 1000, 6);
    expect(tightening.cautions.join()).toMatch(/not stated/);
    expect(tightening.toFind).toMatchObject({ innerMm: d, ratedBarG: rated });
    expect(tighteningOf(valve, closures, rated, house).toFind).toBeNull();
  });
  it("states no number of studs in any step or list", () => {
    for (const kind of ["strip", "put together"] as const) {
      const { steps, count } = shopPlan(kind, {
        ...bare("trunnion-side-entry", [100], "class 1500"),
        valve: bareJoint,
      });
      const words = steps.flatMap(({ does, look }) => [does, ...look]).join("\n");
      expect(words).not.toMatch(/\d+ (closure studs|trunnion plate bolts)/);
      expect(words).toMatch(/the closure studs/);
      expect(count.find(({ id }) => id === "body-bolts")!.count).toBe(0);
    }
  });
  it("has no torque where the grade of the studs has no proof stress", () => {
    const alloy = { ...valve, line: { ...valve.line, bolting: "alloy-625" } };
    expect(what(tighteningOf(alloy, closures, rated, house))).toEqual(
      what(tighteningOf(bareJoint, closures, rated, house)),
    );
  });
  it("has no figures without a rating", () =>
    expect(tighteningOf(valve, closures, null, house).figures).toEqual([]));
});

it("gives every pressure joint of a plan a torque or the drawing, and no other bolting", () => {
  for (const id of ["trunnion-side-entry", "floating-two-piece", "segment-ball"]) {
    const work = bare(id);
    const pressure = new Set(
      assemblyOf(work.valve)
        .pieces.filter(isPressureBolting)
        .map((p) => p.id),
    );
    for (const { piece, figures } of shopPlan("put together", work).steps) {
      if (piece === null) continue;
      const tightened = figures.some((f) => f.what.startsWith("torque"));
      expect(tightened, `${id} ${piece.id}`).toBe(pressure.has(piece.id));
    }
  }
});
