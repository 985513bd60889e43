import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoCatalogue, demoShelf } from "../../../test/demo.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { type FlowTrim, flowTrimSchema } from "./schema.ts";
import { firstOpening, trimAt, trimsOf, typicalTrim } from "./trim.ts";

const size = { dn: 100, designation: "class 300", boreMm: 100 };
const points: FlowTrim = {
  id: "p",
  name: "Points",
  kind: "disc",
  law: "points",
  rangeability: 20,
  madeIn: null,
  bothWays: true,
  curve: [
    {
      openingPercent: 10,
      share: 0.02,
      fl: 0.9,
      xt: 0.6,
      fd: 0.3,
      xfz: 0.5,
      torque: 0.01,
      closingTorque: null,
    },
    {
      openingPercent: 60,
      share: 0.4,
      fl: 0.8,
      xt: 0.4,
      fd: 0.5,
      xfz: null,
      torque: 0.05,
      closingTorque: 0.02,
    },
    {
      openingPercent: 100,
      share: 1,
      fl: 0.6,
      xt: 0.2,
      fd: 0.7,
      xfz: null,
      torque: null,
      closingTorque: 0.04,
    },
  ],
  sizes: [{ dn: 100, designation: null, kv: 200, passageMm: 30, price: 0 }],
};
const ball = constructions.find((c) => c.id === "trunnion-side-entry")!;
const [inBody] = trimsOf([points], ball, size);

describe("a trim at an opening", () => {
  it("goes through its points, and evenly between them", () => {
    expect(trimAt(inBody!, 60)).toMatchObject({ kv: 80, fl: 0.8, xt: 0.4, torque: 0.05 });
    expect(trimAt(inBody!, 35)).toMatchObject({ fl: 0.8500000000000001, xt: 0.5, torque: 0.03 });
    expect(trimAt(inBody!, 0)).toMatchObject({ kv: 4, fl: 0.9 });
    expect(firstOpening(inBody!)).toBe(10);
  });
  it("has no value between a stated and an unstated point", () => {
    expect(trimAt(inBody!, 30).xfz).toBeNull();
    expect(trimAt(inBody!, 80)).toMatchObject({ torque: null, closingTorque: 0.03 });
    expect(trimAt(inBody!, 30).closingTorque).toBeNull();
  });
  it("never passes less at a wider opening", () => {
    const [first] = demoShelf.valvesFor(100);
    const trims = demoCatalogue.lines.flatMap((line) =>
      line.flowTrims.flatMap((trim) =>
        trimsOf([trim], first!.construction, {
          ...size,
          dn: trim.sizes[0]!.dn,
          designation: trim.sizes[0]!.designation!,
        }),
      ),
    );
    fc.assert(
      fc.property(fc.constantFrom(...trims), fc.nat(100), fc.nat(100), (trim, a, b) => {
        expect(trimAt(trim, Math.max(a, b)).kv).toBeGreaterThanOrEqual(trimAt(trim, Math.min(a, b)).kv);
      }),
    );
  });
});

describe("trims of a body", () => {
  it("are those made for the size, with its designation first, the smallest first", () => {
    const small: FlowTrim = {
      ...points,
      id: "s",
      sizes: [
        { dn: 100, designation: null, kv: 50, passageMm: null, price: 0 },
        { dn: 100, designation: "class 300", kv: 60, passageMm: null, price: 0 },
        { dn: 80, designation: null, kv: 1, passageMm: null, price: 0 },
      ],
    };
    expect(trimsOf([points, small], ball, size).map((t) => t.kv)).toEqual([60, 200]);
    expect(trimsOf([points, small], ball, { ...size, designation: "class 150" }).map((t) => t.kv)).toEqual([
      50, 200,
    ]);
  });
  it("are typical figures where the maker states none, marked as such", () => {
    const [typical] = trimsOf([], ball, size);
    expect(typical).toMatchObject({ typical: true, kv: 1850 });
    for (const construction of constructions) {
      const { trim, kv } = typicalTrim(construction, size);
      expect(flowTrimSchema.safeParse(trim).error, construction.id).toBeUndefined();
      expect(kv).toBeGreaterThan(100);
    }
  });
  it("pass less through a reduced bore than through a full one of its size", () => {
    const kv = (boreMm: number) => typicalTrim(ball, { ...size, boreMm }).kv;
    expect(kv(80)).toBeLessThan(kv(100) * 0.64);
  });
});

describe("a valid trim", () => {
  const faults = (change: Partial<FlowTrim>) =>
    flowTrimSchema.safeParse({ ...points, ...change }).error?.issues.map((i) => i.message) ?? [];
  const [a, b, c] = points.curve;
  it("has a curve that rises to fully open", () => {
    expect(faults({})).toEqual([]);
    expect(faults({ curve: [b!, a!, c!] })).toContain("Openings must increase from point to point.");
    expect(faults({ curve: [a!, b!] })).toContain("The last point of a curve must be 100 % open.");
    expect(faults({ curve: [a!, { ...b!, share: 0.01 }, c!] })).toContain(
      'With law "points", every point needs a share of the coefficient, in increasing order.',
    );
    expect(faults({ curve: [a!, b!, { ...c!, share: 0.9 }] })).toContain(
      "At 100 % open the share of the coefficient must be 1.",
    );
    expect(
      faults({
        law: "linear",
        curve: [
          { ...a!, share: null },
          { ...c!, share: null },
        ],
      }),
    ).toEqual([]);
  });
});
