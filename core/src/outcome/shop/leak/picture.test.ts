import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../../test/fixture.ts";
import { bare, house } from "../../../../test/workshop.ts";
import { settle } from "../../../duty/settling/settle.ts";
import { leakPicture } from "./picture.ts";

const { valve } = bare("trunnion-side-entry");
const stop = (change: Parameters<typeof dutyWith>[0], place: "outside" | "through the valve" = "outside") =>
  leakPicture(valve, settle(dutyWith(change), house), house, place, []).outOfService;

describe("when a leak must be shut in instead of traced", () => {
  it.each(["lethal", "toxic", "flammable", "hydrogen", "oxygen"] as const)("warns about %s", (hazard) =>
    expect(stop({ fluid: { hazards: [hazard] } })).toMatch(
      new RegExp(`is ${hazard}. If the leak is visible or grows, take the valve out of service at once`),
    ),
  );
  it("names the worst of several", () =>
    expect(stop({ fluid: { hazards: ["flammable", "lethal"] } })).toMatch(/is lethal/));
  it("tells to keep away from flammables, and that no leak may grow", () => {
    const water = { name: "water", substance: "water", family: "water" } as const;
    const stopAt = (temperatureC: number) => stop({ fluid: water, cases: [{ temperatureC }] });
    expect(stopAt(60)).toMatch(/burns skin.*grows/);
    expect(stopAt(59)).toBe("If the leak grows, take the valve out of service at once.");
  });
  it("is silent about leaks that stay in the line", () =>
    expect(stop({ fluid: { hazards: ["lethal"] } }, "through the valve")).toBeNull());
});
