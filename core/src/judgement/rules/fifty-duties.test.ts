import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import { fiftyDuties } from "../../../test/fifty-duties.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import type { ProvenCandidate } from "../proof/candidate.ts";
import { prove } from "../proof/prove.ts";

const house = defaultHouseRules();

/** Expectations that are not met yet, as "number kind: what". */
const open: ReadonlySet<string> = new Set(["48 suitable: a fluoropolymer lining"]);

const expected = (name: string, what: string) => (run: () => void) =>
  (open.has(`${name.split(" ")[0]} ${what}`) ? it.fails : it)(what, run);
const keys = (candidates: readonly ProvenCandidate[]) => candidates.map((c) => c.key).slice(0, 3);

it("are fifty", () => expect(fiftyDuties).toHaveLength(50));

describe.each(fiftyDuties)("$name", ({ name, duty, falls, stands = {}, says = {} }) => {
  const proof = prove(duty, demoShelf, house);
  const { candidates } = proof;
  const upright = candidates.filter((c) => c.fails === 0 && c.cannotTell === 0);
  for (const [what, is] of Object.entries(falls))
    expected(name, `ruled out: ${what}`)(() => expect(keys(upright.filter(is))).toEqual([]));
  for (const [what, is] of Object.entries(stands))
    expected(name, `suitable: ${what}`)(() => expect(upright.some(is)).toBe(true));
  for (const [what, [is, word]] of Object.entries(says))
    expected(
      name,
      `said: ${what}`,
    )(() => {
      const silent = candidates
        .filter(is)
        .filter(
          (c) =>
            ![...c.findings].some(
              (f) => !["holds", "not asked"].includes(f.verdict) && word.test(`${f.rule} ${f.says}`),
            ),
        );
      expect(keys(silent)).toEqual([]);
    });
});
