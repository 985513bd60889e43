import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoCatalogue, demoShelf } from "../../../test/demo.ts";
import { dutyWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { namedPoints } from "../../basis/stroke/named-points.ts";
import { angles, type Profile, peakOf, strokes } from "../../basis/stroke/profile.ts";
import { settle } from "../../duty/settling/settle.ts";
import { driveKinds, kindOf } from "./drive-kinds.ts";
import type { Drive, Supplies } from "./kind.ts";

const supplies = (change: Partial<Supplies> = {}): Supplies => ({
  ...settle(dutyWith(), defaultHouseRules()),
  lineGas: { lowestBarG: 40, highestBarG: 70 },
  ...change,
});
const drives = demoShelf.families.flatMap((family) => family.drives);
const named = (id: string) => drives.find((d) => d.key === id)!;
const over = (profile: Profile) => strokes.flatMap((stroke) => profile[stroke]);

describe("the shelf", () => {
  it("has more than three hundred actuators of every kind", () => {
    expect(drives.length).toBeGreaterThan(300);
    expect(new Set(drives.map((d) => d.family.kind))).toEqual(new Set(driveKinds.map(({ kind }) => kind)));
    expect(demoCatalogue.drives.length).toBeGreaterThanOrEqual(8);
  });
  it("gives each drive a key of its own", () => {
    expect(new Set(drives.map((d) => d.key)).size).toBe(drives.length);
  });
});

describe("a drive with springs", () => {
  it("costs its size and its set of springs, both ways of action", () => {
    let sprung = 0;
    const wrong = drives.flatMap((drive) => {
      const size = drive.family.sizes.find(({ id }) => id === drive.sizeId)!;
      const sets = (size as { springSets?: readonly { id: string; price: number }[] }).springSets ?? [];
      const set = sets.find(({ id }) => id === drive.springSet);
      if (set) sprung++;
      return set && drive.price !== size.price + set.price ? [drive.key] : [];
    });
    expect(wrong).toEqual([]);
    expect(sprung).toBeGreaterThan(50);
    expect(
      drives.some(({ family, sizeId, springSet }) => {
        const size = family.sizes.find(({ id }) => id === sizeId) as {
          springSets?: readonly { id: string; price: number }[];
        };
        return (size.springSets?.find(({ id }) => id === springSet)?.price ?? 0) > 0;
      }),
    ).toBe(true);
  });
});

describe("a stage", () => {
  it("gives a finite torque at every angle, and the most at the highest supply", () => {
    for (const drive of drives) {
      const [low, high] = [drive.outputAt(supplies(), "lowest"), drive.outputAt(supplies(), "highest")];
      for (const stroke of strokes) expect(low[stroke]).toHaveLength(angles.length);
      expect(over(low).every(Number.isFinite), drive.key).toBe(true);
      expect(peakOf(high), drive.key).toBeGreaterThanOrEqual(peakOf(low) - 1e-9);
    }
  });
  it("is never weaker with more supply, on the stroke the supply drives", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...drives),
        fc.double({ min: 2, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (drive, from, more) => {
          const profileAt = (bar: number): Profile =>
            drive.outputAt(
              supplies({
                airMinimumBarG: bar,
                oilMinimumBarG: 20 * bar,
                lineGas: { lowestBarG: 5 * bar, highestBarG: 100 },
                hand: { steadyN: 50 * bar, hardestN: 1000 },
              }),
              "lowest",
            );
          const [less, larger] = [over(profileAt(from)), over(profileAt(from + more))];
          less.forEach((nm, i) => {
            expect(larger[i]!).toBeGreaterThanOrEqual(nm - 1e-6);
          });
        },
      ),
    );
  });
  it("has the same output from spring and air together as the double-acting one", () => {
    for (const drive of drives.filter((d) => d.springSet !== null && kindOf(d.family).sprung)) {
      const plain = drives.find(
        (d) => d.family === drive.family && d.sizeId === drive.sizeId && d.variant === "DA",
      )!;
      const both = drive.outputAt(supplies(), "lowest");
      const air = plain.outputAt(supplies(), "lowest").opening;
      const [opening, closing] = [both.opening, both.closing];
      // A yoke that opens by its spring starts at the other end: its arm is that of the mirrored angle.
      const angleAt = (i: number) => (drive.action === "spring-to-open" ? angles.length - 1 - i : i);
      opening.forEach((nm, i) => {
        expect((nm + closing[i]!) / air[angleAt(i)]!, drive.key).toBeCloseTo(1, 9);
      });
    }
  });
  it("is stronger at the ends of a yoke than in its middle, and a canted one where it starts", () => {
    const points = (key: string) => namedPoints(named(key).outputAt(supplies(), "lowest"));
    const [even, canted] = [points("quillhaven-sy|SY 300|DA"), points("quillhaven-sc|SC 300|DA")];
    expect(even.breakToOpenNm).toBeCloseTo(2 * even.runToOpenNm, 6);
    expect(even.endToOpenNm).toBeCloseTo(even.breakToOpenNm, 6);
    expect(canted.breakToOpenNm).toBeGreaterThan(even.breakToOpenNm);
    expect(canted.endToOpenNm).toBeLessThan(even.endToOpenNm);
  });
});

describe("a hand", () => {
  const nm = (drive: Drive, end: "lowest" | "highest") => drive.outputAt(supplies(), end).opening[0]!;
  it("gives its force times the lever", () => {
    expect(nm(named("fennimoor-lv|LV 500"), "lowest")).toBeCloseTo(0.5 * 360, 9);
    expect(nm(named("fennimoor-lv|LV 500"), "highest")).toBeCloseTo(0.5 * 800, 9);
  });
  it("needs at a wheel the output of its gear plus losses", () => {
    const gear = named("fennimoor-wg|WG 500");
    const size = gear.family.sizes.find((s) => s.id === gear.sizeId) as unknown as Record<string, number>;
    const turns = size.gearRatio! / 4;
    const workIn = 800 * Math.PI * (size.wheelDiameterMm! / 1000) * turns;
    expect((nm(gear, "highest") * Math.PI) / 2).toBeCloseTo(workIn * size.gearEfficiency!, 6);
    expect(gear.wheelTurns).toBe(turns);
  });
  it("never counts above the gearbox rating", () => {
    for (const drive of drives.filter((d) => d.ratedTorqueNm !== undefined))
      expect(nm(drive, "lowest")).toBeLessThanOrEqual(drive.ratedTorqueNm!);
  });
});

describe("stored energy", () => {
  it("counts its strokes by the oil between the pump's stop and start", () => {
    const eh = named("quillhaven-eh|EH 100|DA");
    const size = eh.family.sizes.find((s) => s.id === "EH 100") as unknown as Record<string, number>;
    const gas = size.accumulatorLitres! * (80 + 1.01325);
    const litres = gas / 111.01325 - gas / 141.01325;
    const stroke = ((Math.PI / 4) * 100 ** 2 * 2 * size.armMm!) / 1e6;
    expect(eh.strokesLeft).toBe(Math.floor(litres / stroke));
  });
  it("makes the stroke on supply failure with stored energy, the other with the motor", () => {
    const [closes, opens] = ["closes", "opens"].map((way) =>
      named(`tarrowby-ec|EC 100|${way}`).outputAt(supplies(), "lowest"),
    ) as [Profile, Profile];
    expect([closes.opening[0], closes.closing[0]]).toEqual([85, 75]);
    expect([opens.opening[0], opens.closing[0]]).toEqual([75, 85]);
  });
  it("gives nothing on line gas of unknown pressure", () => {
    const drive = named("quillhaven-go|GO 125|DA");
    expect(peakOf(drive.outputAt(supplies({ lineGas: null }), "highest"))).toBe(0);
    expect(peakOf(drive.outputAt(supplies(), "highest"))).toBeGreaterThan(0);
  });
});
