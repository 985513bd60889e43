import { describe, expect, it } from "vitest";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { padOf } from "../../basis/reference/pads.ts";
import type { FitUp } from "./fit-up.ts";
import { meetingOf } from "./joint.ts";
import { screwsOf } from "./screws.ts";
import { assemblySteps, type PutOn } from "./steps.ts";

const house = defaultHouseRules();
const square = (acrossMm: number) =>
  ({ form: "square parallel", acrossMm, heightMm: acrossMm, flats: null, keys: null }) as const;
const star = (acrossMm: number) => ({ form: "double square", acrossMm, depthMm: 1.2 * acrossMm }) as const;
const bare: PutOn = { onSupplyLoss: "stays", springSet: null, supply: "pneumatic", stopsDegrees: 5 };
/** ISO 898-1, table of coarse threads. */
const stressAreaMm2 = (bolt: string) => ({ M8: 36.6, M10: 58, M12: 84.3 })[bolt]!;

describe("mounting steps", () => {
  const screws = screwsOf(padOf("F10")!, house);
  const on = {
    joint: "on the pad",
    bracket: null,
    coupling: null,
    meeting: meetingOf(square(22), star(22), 0.8),
    lowerScrews: screws,
    upperScrews: null,
    moment: null,
  } as unknown as FitUp;
  const says = (fitUp: FitUp, drive: Partial<PutOn>) =>
    assemblySteps(fitUp, { ...bare, ...drive }, house)
      .map(({ does, caution }) => `${does} ${caution ?? ""}`)
      .join("\n");
  it("begin with a line without pressure and end with stops and supply", () => {
    const steps = assemblySteps(on, bare, house);
    expect(steps[0]!.caution).toMatch(/pressure/);
    expect(steps.at(-1)!.does).toMatch(/switches/);
  });
  it("warn of springs under load, and set the actuator to its fail position", () => {
    expect(says(on, { onSupplyLoss: "closes", springSet: "S5" })).toMatch(
      /Close the valve[\s\S]*Springs under load/,
    );
    expect(says(on, { onSupplyLoss: "opens", springSet: "S5" })).toMatch(/Leave the valve open/);
    expect(says(on, { onSupplyLoss: "stays", springSet: null })).not.toMatch(/springs/i);
  });
  it("tighten with paste, and give the dry torque beside it", () => {
    const steps = assemblySteps(on, bare, house);
    const figures = steps.flatMap((s) => s.figures);
    expect(figures.find((f) => f.what === "torque, lubricated")!.value).toBe(screws.lubricatedNm);
    expect(figures.find((f) => f.what === "torque, dry")!.value).toBe(screws.dryNm);
  });
  it("are none where the joint is not known", () => {
    const unknown = { ...on, joint: "not known", meeting: null } as FitUp;
    expect(assemblySteps(unknown, bare, house)).toEqual([]);
  });
  it("ask for a support where the neck is too weak", () => {
    const heavy = { ...on, moment: { momentNm: 2, limitNm: 1 } } as FitUp;
    expect(says(heavy, { onSupplyLoss: "stays", springSet: null })).toMatch(
      /Support the actuator separately/,
    );
  });
  it("remove the lever with its stop plate, and list what is not put back", () => {
    const lever = assemblySteps(on, bare, house).find(({ does }) => /lever/.test(does))!;
    expect(lever.figures.map(({ what }) => what)).toEqual(["kept", "not refitted"]);
    expect(says({ ...on, joint: "on the stem" } as FitUp, {})).not.toMatch(/earth spring/);
  });
  it("test the fail action, and retighten after settling", () => {
    expect(says(on, { onSupplyLoss: "closes", springSet: "S5" })).toMatch(
      /supply in mid-travel[\s\S]*moves by itself/,
    );
    const shown = (onSupplyLoss: PutOn["onSupplyLoss"]) =>
      assemblySteps(on, { ...bare, onSupplyLoss }, house)
        .flatMap(({ figures }) => figures)
        .find(({ what }) => /expected in the proof/.test(what))!.value;
    expect([shown("closes"), shown("opens"), shown("stays")]).toEqual([
      "the valve closes",
      "the valve opens",
      "the valve stays in position",
    ]);
    const does = assemblySteps(on, bare, house).map((step) => step.does);
    expect(does.findIndex((sentence) => /screws again after/.test(sentence))).toBeGreaterThan(
      does.findIndex((sentence) => /Stroke the valve three times/.test(sentence)),
    );
  });
  it("of a manual operator need no supply and no switches", () => {
    expect(says(on, { supply: "by hand" })).not.toMatch(/Apply the supply|switches|Shut off the supply/);
  });
  it("set the shut stop by leakage, and give the range of both", () => {
    const stops = (stopsDegrees: number | null) =>
      assemblySteps(on, { ...bare, stopsDegrees }, house).find(({ does }) =>
        /where the leak is least/.test(does),
      )!.figures;
    expect(stops(7)).toContainEqual({ what: "stop adjustment", value: 7, unit: "°" });
    expect(stops(null).at(-1)!.value).toMatch(/not stated/);
  });
  it("give the angle of turn in the house rule's passes where no wrench fits", () => {
    const steps = assemblySteps(on, bare, { ...house, tighteningPasses: 4 });
    const tighten = steps.find(({ does }) => /in 4 passes/.test(does))!;
    const turn = tighten.figures.find(({ what }) => /angle from snug tight/.test(what))!;
    // 1.25·σ·2d/E and 15 µm of setting, over a pitch, by hand for the pad's screws.
    const { bolt } = screws.pad;
    const stress = screws.preloadN / stressAreaMm2(bolt);
    const pitch = { M8: 1.25, M10: 1.5, M12: 1.75 }[bolt]!;
    const d = Number(bolt.slice(1));
    expect(turn.value).toBe(Math.round((360 / pitch) * ((1.25 * stress * 2 * d) / 205_000 + 0.015)));
  });
});
