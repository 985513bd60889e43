/** The demo's shelf against itself: values from the same mechanics must agree. */
import { padOf, seatMaterial } from "@proven-seat/core/basis/reference";
import { describe, expect, it } from "vitest";
import { demoLines } from "./demo/lines/index.ts";
import { demoCatalogueFiles } from "./generate-demo.ts";

const lines = demoLines();
const classOf = (designation: string) => Number(/\d+/.exec(designation)![0]);
const sizeOf = (line: string, dn: number, designation: string) =>
  lines.find((l) => l.id === line)!.sizes.find((s) => s.dn === dn && s.designation === designation)!;

describe("breakaway torque", () => {
  it("rises with differential, or stays where preload governs", () => {
    for (const line of lines)
      for (const size of line.sizes)
        for (const [seat, row] of Object.entries(size.torque.breakToOpenNm)) {
          for (let i = 1; i < row.length; i++)
            expect(row[i]!, `${line.id} ${size.dn} ${seat}`).toBeGreaterThanOrEqual(row[i - 1]!);
        }
  });
  it("rises with size in one class, and with class in one size at what each is rated for", () => {
    for (const { id, sizes } of lines) {
      const full = sizes.map((s) => ({
        ...s,
        at: Math.max(...Object.values(s.torque.breakToOpenNm).map((r) => r.at(-1)!)),
      }));
      for (const a of full)
        for (const b of full) {
          if (a.designation === b.designation && b.dn > a.dn)
            expect(b.at, `${id} ${a.designation} DN ${a.dn} ${b.dn}`).toBeGreaterThan(a.at);
          if (a.dn === b.dn && classOf(b.designation) > classOf(a.designation))
            expect(b.at, `${id} DN ${a.dn} ${a.designation} ${b.designation}`).toBeGreaterThan(a.at);
        }
    }
  });
  it("of a plug is heavier than of a floating ball of its size", () => {
    for (const dn of [25, 50, 80, 100, 150])
      for (const plug of ["osmere-sleeved", "fennimoor-lubricated"]) {
        const ofPlug = Object.values(sizeOf(plug, dn, "class 150").torque.breakToOpenNm)[0]!;
        const ofBall = sizeOf("fennimoor-two-piece", dn, "class 150").torque.breakToOpenNm.ptfe!;
        ofPlug.forEach((nm, i) => void expect(nm, `${plug} DN ${dn}`).toBeGreaterThan(ofBall[i]!));
      }
  });
  it("of an offset disc grows with the line force beside its shaft", () => {
    const { torque, geometry, boreMm } = sizeOf("osmere-double-offset", 200, "class 300");
    const row = torque.breakToOpenNm.tfm!;
    const bar = torque.differentialBar.at(-1)!;
    const push = (bar * 0.1 * (Math.PI / 4) * boreMm ** 2 * geometry.offsetsMm![1]) / 1000;
    expect(row.at(-1)! - row[0]!).toBeGreaterThan(push);
  });
});

describe("stems, shafts and pads", () => {
  it("carry the worst torque of their table, the pad twice over", () => {
    for (const line of lines)
      for (const size of line.sizes) {
        const worst = Math.max(...Object.values(size.torque.breakToOpenNm).flat());
        expect(size.maximumStemTorqueNm, `${line.id} ${size.dn} ${size.designation}`).toBeGreaterThan(
          2 * worst,
        );
        expect(padOf(size.pad)!.maximumTorqueNm, `${line.id} ${size.dn}`).toBeGreaterThanOrEqual(
          Math.min(2.1 * worst, 250_000),
        );
      }
  });
  it("of a disc grow with its class", () => {
    for (const dn of [150, 200, 300]) {
      const shaft = (designation: string) => sizeOf("osmere-triple-offset", dn, designation).stemDiameterMm;
      expect(shaft("class 300")).toBeGreaterThan(shaft("class 150"));
      expect(shaft("class 600")).toBeGreaterThan(shaft("class 300"));
    }
  });
});

describe("parts for difficult duties", () => {
  const sells = (what: (line: (typeof lines)[number]) => boolean) => lines.some(what);
  it("are offered: cold seats, hot soft seats, alloy trims, super duplex discs, motors with springs", () => {
    for (const seat of ["pctfe", "pi"]) {
      expect(seatMaterial(seat)).toBeDefined();
      expect(
        sells((l) => l.seats.some((s) => s.seat === seat)),
        seat,
      ).toBe(true);
    }
    for (const ball of ["alloy 625 or C-276", "titanium"])
      expect(
        sells((l) => /ball|floating|trunnion/.test(l.construction) && l.trims.some((t) => t.ball === ball)),
        ball,
      ).toBe(true);
    expect(
      sells(
        (l) => l.construction.startsWith("butterfly") && l.trims.some((t) => t.ball === "25Cr super duplex"),
      ),
    ).toBe(true);
    const drives = [...demoCatalogueFiles()]
      .filter(([name]) => name.startsWith("drives/"))
      .map(([, text]) => JSON.parse(text));
    expect(drives.some((d) => d.kind === "electric spring-return")).toBe(true);
  });
});
