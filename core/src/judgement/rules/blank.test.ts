/** Not stated never flatters: a blank field turns no *fails* into *holds*. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { findingOf } from "../../../test/one-rule.ts";
import { duties, house, picks, runs, valvesOf } from "../../../test/tried-duties.ts";
import { dutyFields } from "../../duty/fields/duty-fields.ts";
import type { AnyField } from "../../duty/fields/field.ts";
import { missingFrom } from "../../duty/settling/completeness.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { valueAt, withValueAt } from "../../duty/statement/shape.ts";
import { verdictsIn } from "../breaking/judgement.ts";
import { rules } from "./rules.ts";

describe("leaving a field blank", () => {
  const fields = (dutyFields as readonly AnyField[]).filter(({ schema }) => schema.safeParse(null).success);
  it.each(fields.map((f) => f.path))(
    "%s turns no fails into holds, unless the assumption is listed",
    (path) => {
      fc.assert(
        fc.property(duties, picks, (duty, indices) => {
          if (valueAt(duty, path) === null) return;
          const blank = withValueAt(duty, path, null) as Duty;
          const asked = missingFrom(blank, house).some((m) => m.field === path || m.covers?.includes(path));
          if (asked) return;
          for (const valve of valvesOf(duty, indices)) {
            const candidate = { valve, drive: null, accessories: [], house };
            const [before, after] = [verdictsIn(candidate, duty), verdictsIn(candidate, blank)];
            rules.forEach(({ id }, i) => {
              if (before[i] !== "fails" || !["holds", "not asked"].includes(after[i]!)) return;
              const listed = findingOf(id, blank, valve, null).uses.some((u) => u.origin === "assumed");
              expect(listed, `${id} fails, and ${after[i]} with ${path} blank, on ${valve.key}`).toBe(true);
            });
          }
        }),
        { numRuns: Math.ceil(runs / 3) },
      );
    },
  );
});

describe("leaving a value of a case blank", () => {
  it.each(["upstreamBarG", "downstreamBarG", "temperatureC"] as const)(
    "%s turns no fails into holds, unless the assumption is listed",
    (field) => {
      fc.assert(
        fc.property(duties, picks, fc.nat(), (duty, indices, which) => {
          if (duty.cases.length === 0) return;
          const place = which % duty.cases.length;
          const blank = {
            ...duty,
            cases: duty.cases.map((c, i) => (i === place ? { ...c, [field]: null } : c)),
          };
          if (missingFrom(blank, house).some((m) => m.field === `cases.${place}.${field}`)) return;
          for (const valve of valvesOf(duty, indices)) {
            const candidate = { valve, drive: null, accessories: [], house };
            const [before, after] = [verdictsIn(candidate, duty), verdictsIn(candidate, blank)];
            rules.forEach(({ id }, i) => {
              if (before[i] !== "fails" || after[i] !== "holds") return;
              const listed = findingOf(id, blank, valve, null).uses.some((u) => u.origin === "assumed");
              expect(listed, `${id} on ${valve.key}`).toBe(true);
            });
          }
        }),
        { numRuns: runs },
      );
    },
  );
});
