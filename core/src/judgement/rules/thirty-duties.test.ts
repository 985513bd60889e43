import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/demo.ts";
import { thirtyDuties } from "../../../test/thirty-duties.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { prove } from "../proof/prove.ts";

const house = defaultHouseRules();

it("are thirty", () => expect(thirtyDuties).toHaveLength(30));

describe.each(thirtyDuties)("$name", ({ duty, falls, stands = {} }) => {
  const { candidates } = prove(duty, demoShelf, house);
  const upright = candidates.filter((c) => c.fails === 0 && c.cannotTell === 0);
  it.each(Object.keys(falls))("ruled out: %s", (what) => {
    expect(
      upright
        .filter(falls[what]!)
        .map((c) => c.key)
        .slice(0, 3),
    ).toEqual([]);
  });
  const standing = Object.keys(stands);
  it.runIf(standing.length > 0).each(standing)("suitable: %s", (what) => {
    const wanted = candidates.filter(stands[what]!);
    const nearest = wanted[0]?.findings.filter((f) => f.verdict === "fails" || f.verdict === "cannot tell");
    expect(
      upright.some(stands[what]!),
      `${wanted.length} of them, the nearest: ${nearest?.map((f) => `${f.rule} ${f.says}`).join(" ")}`,
    ).toBe(true);
  });
});
