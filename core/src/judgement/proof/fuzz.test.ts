import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDuty } from "../../../test/any-duty.ts";
import { demoShelf } from "../../../test/demo.ts";
import { tries } from "../../../test/effort.ts";
import { catalogueDocument, shelfWith } from "../../../test/fixture.ts";
import {
  defaultHouseRules,
  type HouseRuleId,
  type HouseRules,
  houseRuleDefinitions,
} from "../../basis/house/house-rules.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { dutyFields } from "../../duty/fields/duty-fields.ts";
import { settle } from "../../duty/settling/settle.ts";
import { dutySchema, emptyDuty } from "../../duty/statement/duty.ts";
import { valueAt } from "../../duty/statement/shape.ts";
import { readCatalogueDocument } from "../../equipment/catalogue/check.ts";
import { compileShelf } from "../../equipment/catalogue/shelf.ts";
import { breakingPoint } from "../breaking/breaking-points.ts";
import { dutyValues } from "../breaking/duty-values.ts";
import { byConstruction } from "../by-construction/by-construction.ts";
import { rules } from "../rules/rules.ts";
import { prove } from "./prove.ts";

/** Any set of house rules inside its ranges. */
const anyHouse = fc.record(
  Object.fromEntries(
    (Object.keys(houseRuleDefinitions) as HouseRuleId[]).map((id) => {
      const rule = houseRuleDefinitions[id];
      return [
        id,
        rule.kind === "choice"
          ? fc.constantFrom(...(rule.options as readonly string[]))
          : fc.double({ min: rule.minimum, max: rule.maximum, noNaN: true }),
      ];
    }),
  ),
) as unknown as fc.Arbitrary<HouseRules>;

const shelf = shelfWith();

describe("any duty", () => {
  it("states every field now and then, and leaves every one open", () => {
    const some = fc.sample(anyDuty, { numRuns: 300, seed: 4 });
    for (const { path } of dutyFields) {
      const values = some.map((duty) => valueAt(duty, path));
      expect(
        values.some((v) => v !== null && v !== ""),
        path,
      ).toBe(true);
      expect(
        values.some((v) => v === null || v === ""),
        path,
      ).toBe(true);
    }
    for (const flow of ["forward", "reverse"])
      expect(
        some.some((duty) => duty.cases.some((c) => c.flow === flow)),
        flow,
      ).toBe(true);
  });
});

describe("for any duty and house rules", () => {
  it("no rule throws, each gives its finding, and counts and verdicts agree", () => {
    fc.assert(
      fc.property(anyDuty, anyHouse, (duty, house) => {
        for (const c of prove(duty, shelf, house).candidates) {
          expect(c.findings.map((f) => f.rule)).toEqual(rules.map((r) => r.id));
          const count = (v: string) => c.findings.filter((f) => f.verdict === v).length;
          expect([c.fails, c.cannotTell, c.tight]).toEqual([
            count("fails"),
            count("cannot tell"),
            // Findings that the duty alone decides count for no candidate.
            c.findings.filter((f) => f.verdict === "tight" && f.station !== "duty").length,
          ]);
          expect(c.shortfall).toBeGreaterThanOrEqual(0);
          const wrong = c.findings.filter(
            (f) =>
              (f.verdict === "cannot tell" && !f.missing) ||
              (f.verdict === "fails" && !f.remedy) ||
              Number.isNaN(f.value) ||
              Number.isNaN(f.margin) ||
              JSON.stringify(f).includes("undefined"),
          );
          expect(wrong).toEqual([]);
        }
      }),
      { numRuns: tries(80, 4000) },
    );
  });
  it("every construction of the demo is judged without an error", () => {
    fc.assert(
      fc.property(anyDuty, (duty) => {
        const { candidates, standing, dutyVerdict, dutyFindings, missing } = prove(
          duty,
          demoShelf,
          defaultHouseRules(),
        );
        expect(candidates.filter((c) => c.verdict !== "fails")).toHaveLength(standing);
        const waits =
          missing.some((m) => m.assumption === null) || dutyFindings.some((f) => f.verdict === "cannot tell");
        expect(dutyVerdict === "cannot tell").toBe(waits);
        // Words are built on access: those of a few are read.
        for (const c of candidates.filter((_, i) => i % 401 === 0))
          expect(() => JSON.stringify(c.findings)).not.toThrow();
      }),
      { numRuns: tries(12, 600) },
    );
  });
  it("constructions that nobody offers are judged, or are not built", () => {
    fc.assert(
      fc.property(anyDuty, fc.constantFrom(...constructions), (duty, construction) => {
        const found = byConstruction(construction, duty, defaultHouseRules());
        if (found) expect(found.failing.every((f) => f.verdict === "fails")).toBe(true);
      }),
      { numRuns: tries(12, 600) },
    );
  });
  it("breaking points are found or there are none, on the right side of the value", () => {
    fc.assert(
      fc.property(anyDuty, fc.nat(), (duty, pick) => {
        if (duty.dn === null) return;
        const house = defaultHouseRules();
        const [best] = prove(duty, shelf, house).candidates;
        // Nothing is proved while a valve on site is not known.
        if (!best) return;
        const values = dutyValues(duty, settle(duty, house), best.valve);
        if (values.length === 0) return;
        const value = values[pick % values.length]!;
        const candidate = { valve: best.valve, drive: best.drive, accessories: demoShelf.accessories, house };
        const { up, down } = breakingPoint(candidate, duty, value);
        if (up) expect(up.to).toBeGreaterThanOrEqual(value.value - 1e-9);
        if (down) expect(down.to).toBeLessThanOrEqual(value.value + 1e-9);
      }),
      { numRuns: tries(30, 1000) },
    );
  });
});

describe("any content of a catalogue", () => {
  /** Every place of a value in the fixture's document. */
  const places: (string | number)[][] = [];
  const walk = (node: unknown, path: (string | number)[]) => {
    if (path.length > 0) places.push(path);
    if (typeof node === "object" && node !== null)
      for (const [key, below] of Object.entries(node))
        walk(below, [...path, Array.isArray(node) ? Number(key) : key]);
  };
  walk(catalogueDocument, []);
  const put = (path: readonly (string | number)[], value: unknown) => {
    const copy = structuredClone(catalogueDocument) as unknown as Record<string | number, unknown>;
    const holder = path.slice(0, -1).reduce((node, key) => node[key] as typeof copy, copy);
    if (value === undefined) delete holder[path.at(-1)!];
    else holder[path.at(-1)!] = value;
    return copy;
  };
  const duty = dutySchema.parse({ ...emptyDuty, dn: 50, lineDesignation: "class 300" });

  it("is refused at its place, or can be proved with", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...places),
        fc.oneof(
          fc.jsonValue({ maxDepth: 2 }),
          fc.constant(undefined),
          fc.double(),
          fc.constantFrom(-1, 0, 1e9, ""),
        ),
        (path, value) => {
          const { catalogue, faults } = readCatalogueDocument(put(path, value));
          if (catalogue === null) {
            expect(faults.length).toBeGreaterThan(0);
            for (const f of faults) expect(f.reason.length, f.field).toBeGreaterThan(0);
          } else {
            const proof = prove(duty, compileShelf(catalogue), defaultHouseRules());
            for (const c of proof.candidates) expect(Number.isFinite(c.price)).toBe(true);
          }
        },
      ),
      { numRuns: tries(100, 6000) },
    );
  });
});
