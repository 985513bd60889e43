import { describe, expect, it } from "vitest";
import { demoCatalogue } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { bodyGrade } from "../../basis/reference/grades.ts";
import { parseDesignation, ratingCurve } from "../../basis/reference/pressure-temperature.ts";
import { jointFaults } from "./joint-faults.ts";
import { boltedJoints, boltingOfJoint, leastJointLoadN } from "./joints.ts";
import type { ProductLine } from "./schema.ts";

const house = defaultHouseRules();
const ratings = (line: ProductLine, designation: string) =>
  line.grades.map(
    ({ grade }) => ratingCurve(parseDesignation(designation)!, bodyGrade(grade)!.group)!.value[0]!,
  );

describe("bolting of the shelf", () => {
  it("carries 1.5 times the rating in every stated joint, with no stud above 90 % of proof", () => {
    const short: string[] = [];
    let joints = 0;
    for (const line of demoCatalogue.lines)
      for (const size of line.sizes)
        for (const joint of size.joints)
          for (const rated of ratings(line, size.designation)) {
            joints++;
            const found = boltingOfJoint(joint, line, rated, house)!;
            const used = found.preloadN / (found.leastPreloadN / found.leastUtilisation);
            if (!found.sufficient || used > 0.9)
              short.push(`${line.id} DN ${size.dn} ${size.designation} ${joint.bolting}`);
          }
    expect(short).toEqual([]);
    expect(joints).toBeGreaterThan(500);
  });
  it("is stated for every bolted joint, or for none where its grade has no proof stress", () => {
    for (const line of demoCatalogue.lines)
      for (const size of line.sizes) {
        const expected = line.bolting === "alloy-625" ? [] : boltedJoints(line).map(({ id }) => id);
        expect(size.joints.map(({ bolting }) => bolting).sort(), line.id).toEqual([...expected].sort());
      }
  });
  it("needs at least the pressure load on the closure where it is not stated", () => {
    for (const line of demoCatalogue.lines)
      for (const size of line.sizes)
        for (const joint of size.joints.filter(({ bolting }) => bolting === "body-bolts"))
          for (const rated of ratings(line, size.designation))
            expect(leastJointLoadN(size.geometry.closureDiameterMm, rated)).toBeLessThan(
              boltingOfJoint(joint, line, rated, house)!.testLoadN,
            );
  });
});

describe("a fault in the bolting", () => {
  const line = demoCatalogue.lines.find(({ id }) => id === "fennimoor-trunnion")!;
  const [joint] = line.sizes[0]!.joints;
  const faults = (change: object, more: readonly object[] = []) =>
    [
      ...jointFaults(
        {
          ...line,
          sizes: [
            {
              ...line.sizes[0]!,
              joints: [{ ...joint!, ...change }, ...more] as (typeof line.sizes)[0]["joints"],
            },
          ],
        },
        0,
      ),
    ].map(({ field, reason }) => `${field}: ${reason}`);
  it.each([
    [
      "an unknown joint",
      { bolting: "hatch-bolts" },
      /joints\.0\.bolting: the construction has no bolted joint/,
    ],
    ["an unknown thread", { thread: "M11" }, /joints\.0\.thread: "M11" is not one of/],
    ["an unknown grade", { grade: "B99" }, /joints\.0\.grade: "B99" has no proof stress/],
    ["a strain-hardened grade above its size", { grade: "B8 cl.2", thread: "M42" }, /grade: "B8 cl.2"/],
    ["a bolt circle inside the gasket", { boltCircleMm: 10 }, /boltCircleMm: the bolt circle must be larger/],
    [
      "a gasket inside the ball",
      { gasket: { ...joint!.gasket, meanDiameterMm: 5 } },
      /gasket\.meanDiameterMm: the gasket of a body joint lies outside/,
    ],
  ])("is %s", (_, change, reason) => expect(faults(change).join("\n")).toMatch(reason));
  it("is a joint that is stated twice", () => expect(faults({}, [joint!]).join()).toMatch(/occurs twice/));
  it("is none in the demonstration", () => expect(faults({})).toEqual([]));
});
