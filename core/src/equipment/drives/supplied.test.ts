import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { peakOf } from "../../basis/stroke/profile.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { suppliedDrive } from "./supplied.ts";

const house = defaultHouseRules();
const suppliedWith = (
  change: Partial<Duty>,
  operatingCase: Partial<Duty["cases"][number]> = {},
  forceN = house.handForceN,
) =>
  settle(dutyWith({ ...change, cases: [{ phase: "gas", ...operatingCase }] }), {
    ...house,
    handForceN: forceN,
  });

describe("a drive at its supply", () => {
  it("has the same output, whichever end of its supply changed since", () => {
    const moves = [
      suppliedWith({ airMinimumBarG: 4, airMaximumBarG: 7, oilMinimumBarG: 90, oilMaximumBarG: 120 }),
      suppliedWith({ airMinimumBarG: 5, airMaximumBarG: 7, oilMinimumBarG: 90, oilMaximumBarG: 120 }),
      suppliedWith({ airMinimumBarG: 5, airMaximumBarG: 8, oilMinimumBarG: 90, oilMaximumBarG: 120 }),
      suppliedWith({ airMinimumBarG: 5, airMaximumBarG: 8, oilMinimumBarG: 100, oilMaximumBarG: 120 }),
      suppliedWith({ airMinimumBarG: 5, airMaximumBarG: 8, oilMinimumBarG: 100, oilMaximumBarG: 140 }),
      suppliedWith({}, { upstreamBarG: 30 }),
      suppliedWith({}, { upstreamBarG: 40 }),
      suppliedWith({}, {}, 200),
    ];
    for (const { drives } of demoShelf.families)
      for (const drive of drives.slice(0, 3))
        for (const supplies of moves) {
          const { lowest, mostNm, peakNm } = suppliedDrive(drive, supplies);
          expect(lowest, drive.key).toEqual(drive.outputAt(supplies, "lowest"));
          expect(mostNm, drive.key).toBe(peakOf(lowest));
          expect(peakNm, drive.key).toBe(peakOf(drive.outputAt(supplies, "highest")));
        }
  });
});
