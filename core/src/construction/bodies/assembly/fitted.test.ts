import { describe, expect, it } from "vitest";
import { bare, cautions, demoWork, words } from "../../../../test/workshop.ts";
import { assemblyOf, type Valve } from "../../../equipment/catalogue/valve.ts";
import { leakPicture } from "../../../outcome/shop/leak/picture.ts";
import { shopPlan } from "../../../outcome/shop/plan.ts";
import { constructions } from "../constructions.ts";
import { fittedWith } from "./fitted.ts";
import { stripOrder } from "./strip-order.ts";

const everyOption = { ventAndDrain: true, seatSealant: true, antiStatic: true, metalSeats: false };
const none = { ventAndDrain: false, seatSealant: false, antiStatic: false, metalSeats: false };
const lineOf = (id: string, fitted: Partial<Valve["line"]>) => {
  const work = bare(id);
  return { ...work, valve: { ...work.valve, line: { ...work.valve.line, ...fitted } } };
};
const built = constructions.flatMap((c) => c.cavities.map((cavity) => [c.id, c.assembly(cavity)] as const));

describe.each(built)("%s with nothing fitted", (_, assembly) => {
  const bareBody = fittedWith(assembly, none);
  const ids = new Set(bareBody.pieces.map(({ id }) => id));
  it("has no piece held, sealed or reseated by a missing one", () => {
    for (const id of ["vent", "seat-sealant", "stem-sealant", "contact-springs"])
      expect(ids).not.toContain(id);
    for (const { heldBy } of bareBody.pieces) for (const holder of heldBy) expect(ids).toContain(holder);
    for (const { id, seals } of bareBody.joints) {
      expect(seals.length, id).toBeGreaterThan(0);
      expect(seals[0]!.role, id).toBe("primary");
      for (const { piece } of seals) expect(ids, id).toContain(piece);
    }
    for (const id of bareBody.reseat?.pieces ?? []) expect(ids).toContain(id);
    expect(stripOrder(bareBody).length).toBeGreaterThan(0);
  });
  it("has a vent and a joint for it where its line has", () => {
    const vented = fittedWith(assembly, everyOption);
    expect(vented.pieces.filter(({ id }) => id === "vent")).toHaveLength(1);
    expect(vented.joints.filter(({ seals }) => seals.some(({ piece }) => piece === "vent"))).toHaveLength(1);
  });
});

describe("a trunnion whose line has no vent", () => {
  const [with_, without] = [lineOf("trunnion-side-entry", everyOption), lineOf("trunnion-side-entry", none)];
  const checks = ({ valve, duty, house }: typeof with_) =>
    leakPicture(valve, duty, house, "through the valve", []).proposed.map(({ id }) => id);
  it("is never vented through one", () => {
    expect(words(shopPlan("strip", with_).steps)).toMatch(/Vent the cavity/);
    const plan = shopPlan("strip", without);
    expect(words(plan.steps)).not.toMatch(/Vent the cavity/);
    expect(words(plan.steps)).toMatch(/no vent. With both sides depressurised, turn the valve half open/);
    expect(cautions(plan.steps)).toMatch(/until the body joint is open/);
    expect(plan.count.some(({ id }) => id === "vent" || id === "contact-springs")).toBe(false);
    expect(checks(with_)).toEqual(expect.arrayContaining(["vent", "sealant"]));
    expect(checks(without)).not.toContain("vent");
    expect(checks(without)).not.toContain("sealant");
  });
  it("is isolated instead of being injected with sealant", () => {
    const now = ({ valve, duty, house }: typeof with_) =>
      leakPicture(valve, duty, house, "through the valve", [])
        .ranked.map((ranked) => ranked.now)
        .join();
    expect(now(with_)).toMatch(/Inject sealant/);
    expect(now(without)).not.toMatch(/Inject sealant/);
    expect(now(without)).toMatch(/has no sealant fitting/);
  });
  it("is drawn and described without them", () => {
    const sealKinds = assemblyOf(without.valve).joints.flatMap(({ seals }) => seals.map(({ role }) => role));
    expect(sealKinds).not.toContain("injected");
    // A body without a cavity of its own opens into the line behind it, which says nothing about a seat.
    const disc = lineOf("butterfly-double-offset", everyOption);
    expect(checks(disc)).not.toContain("vent");
  });
});

describe("a floating ball between metal seats", () => {
  const { valve } = bare("floating-two-piece");
  const assembly = valve.construction.assembly(valve.cavity.id);
  const metal = fittedWith(assembly, { ...everyOption, metalSeats: true });
  it("has a spring behind one, and a seal and a leak path behind each", () => {
    const order = stripOrder(metal).map(({ id }) => id);
    for (const id of ["seat-springs", "near-back"])
      expect(order.indexOf(id)).toBeGreaterThan(order.indexOf("near-seat"));
    expect(order.indexOf("far-back")).toBeGreaterThan(order.indexOf("far-seat"));
    const back = metal.joints.filter(({ id }) => id.endsWith("back"));
    expect(back.map(({ between }) => between)).toEqual([
      ["upstream", "cavity"],
      ["cavity", "downstream"],
    ]);
  });
  it("has neither with a soft seat or with a trunnion", () => {
    const ids = (assembly: typeof metal) => assembly.pieces.map(({ id }) => id);
    expect(ids(fittedWith(assembly, everyOption))).not.toContain("near-back");
    const trunnion = bare("trunnion-side-entry").valve;
    const made = fittedWith(trunnion.construction.assembly(trunnion.cavity.id), {
      ...everyOption,
      metalSeats: true,
    });
    expect(ids(made)).not.toContain("near-back");
  });
  it("is stripped down accordingly where the catalogue has a metal seat", () => {
    const counted = (id: string) => shopPlan("strip", demoWork(id)).count.map((counted) => counted.name);
    expect(counted("XV-8006")).toEqual(
      expect.arrayContaining(["disc spring of the seat", "graphite back seal of the seat in the body"]),
    );
  });
});

describe("a leak-off between two packings", () => {
  it("is inspected where there is one", () => {
    const asked = (stemSeal: Valve["seals"]["stemSeal"]) => {
      const { valve, duty, house } = bare("trunnion-top-entry");
      return leakPicture(
        { ...valve, seals: { ...valve.seals, stemSeal } },
        duty,
        house,
        "outside",
        [],
      ).proposed.map(({ id }) => id);
    };
    expect(asked("double packing with leak-off")).toContain("leak-off");
    expect(asked("adjustable gland")).not.toContain("leak-off");
  });
});
