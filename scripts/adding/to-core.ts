import type { Addition } from "./copy.ts";

const field: Addition = {
  what: "a duty field",
  remark:
    "`npm run fields:page` writes its documentation; `fields.test.ts` follows a field through all its uses",
  does: (files) => {
    files.add(
      "core/src/duty/fields/site/insulation.ts",
      `import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";

export const insulation: AssumedField<"insulationMm", number | null> = {
  path: "insulationMm",
  label: "Insulation",
  group: "site",
  ...quantity("length", "Insulation", [0, 500], "mm"),
  headings: ["insulation thickness of the pipe"],
  why: "A stem buried in insulation wants an extension.",
  settle: (duty) => duty.insulationMm ?? 40,
  otherwise: () => [150],
};
`,
    );
    files.enter(
      "core/src/duty/fields/duty-fields.ts",
      'import { insulation } from "./site/insulation.ts";',
      "  lagging,\n",
      "  insulation,\n",
    );
  },
  shows: `
    const { dutySchema, emptyDuty } = await import("./core/src/duty/statement/duty.ts");
    assert.equal(dutySchema.parse({ ...emptyDuty, insulationMm: 80 }).insulationMm, 80);
    const { settle } = await import("./core/src/duty/settling/settle.ts");
    const { defaultHouseRules } = await import("./core/src/basis/house/house-rules.ts");
    assert.equal(settle(emptyDuty, defaultHouseRules()).insulationMm, 40);
    const { missingFrom } = await import("./core/src/duty/settling/completeness.ts");
    assert.ok(missingFrom(emptyDuty, defaultHouseRules()).some((one) => one.field === "insulationMm"));`,
};

const rule: Addition = {
  what: "a rule",
  remark: "`npm run rules:page` and `npm run findings:keep` write its documentation and its findings",
  does: (files) => {
    files.add(
      "core/src/judgement/rules/body/two-way.ts",
      `import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const twoWay = rule({
  id: "body/two-way",
  asks: "Number of ways",
  source: "A line that goes on in one direction wants two ways",
  inputs: ["ways of the construction"],
  dependsOn: ["line"],
  examine: ({ valve }) =>
    fits(
      valve.construction.ways === 2,
      { holds: "It has two ways.", fails: "It has three ways." },
      {
        value: valve.construction.ways,
        limit: 2,
        remedy: "A construction with two ways.",
        uses: [used("ways", valve.construction.ways, "catalogue")],
      },
    ),
});
`,
    );
    files.enter(
      "core/src/judgement/rules/body/body-rules.ts",
      'import { twoWay } from "./two-way.ts";',
      "  stemSealSchool,\n]",
      "  twoWay,\n",
    );
  },
  shows: `
    const { rules } = await import("./core/src/judgement/rules/rules.ts");
    assert.ok(rules.some(({ id }) => id === "body/two-way"));
    const { demoProof } = await import("./core/test/demo.ts");
    const [candidate] = demoProof("XV-3052").candidates;
    assert.ok(candidate.findings.some((finding) => finding.rule === "body/two-way"));`,
};

const seat: Addition = {
  what: "a seat material",
  remark: "`npm run reference:compile` writes the compiled tables",
  does: (files) => {
    files.append(
      "core/reference/seat-materials.csv",
      "mica,Mica,polymer,-50,300,320,0.2,0.15,0.25,10,2,1,0.2,no,no,",
    );
    files.append("core/reference/seat-limits.csv", "mica,38,69\nmica,300,20");
  },
  shows: `
    const { seatMaterial } = await import("./core/src/basis/reference/seats.ts");
    assert.equal(seatMaterial("mica")?.name, "Mica");`,
};

const part: Addition = {
  what: "a part that findings depend on",
  does: (files) => {
    files.add(
      "core/src/equipment/catalogue/parts/maker.ts",
      `import { valvePart } from "./part.ts";

/** Who makes the valve. */
export const maker = valvePart("maker", "size", (valve) => valve.line.maker);
`,
    );
    files.enter(
      "core/src/equipment/catalogue/parts/parts.ts",
      'import { maker } from "./maker.ts";',
      "  seals,\n] as const",
      "  maker,\n",
    );
  },
  shows: `
    const { placesOf } = await import("./core/src/equipment/catalogue/parts/parts.ts");
    assert.equal(placesOf(["maker"]).length, 1);`,
};

const drive: Addition = {
  what: "a kind of drive",
  does: (files) => {
    files.add(
      "core/src/equipment/drives/electric-screw.ts",
      `import { stayingMotor } from "./by-motor.ts";

/** A motor on a screw and a lever. */
export const electricScrew = stayingMotor("electric-screw");
`,
    );
    files.enter(
      "core/src/equipment/drives/drive-kinds.ts",
      'import { electricScrew } from "./electric-screw.ts";',
      "  electroHydraulic,\n",
      "  electricScrew,\n",
    );
  },
  shows: `
    const { driveKinds } = await import("./core/src/equipment/drives/drive-kinds.ts");
    assert.ok(driveKinds.some(({ kind }) => kind === "electric-screw"));`,
};

const supply: Addition = {
  what: "a supply for drives",
  remark: "the compiler asks how it is isolated before work",
  does: (files) => {
    files.before(
      "core/src/equipment/drives/supplies.ts",
      '  "by hand": {',
      "  steam: { air: false, lineGas: false, motor: false, hand: false, givesWay: true },\n",
    );
    files.before(
      "core/src/outcome/shop/make-safe.ts",
      '  "by hand": "The valve has a manual',
      '  steam: "Shut off its steam and drain it.",\n',
    );
    files.before("core/src/duty/fields/words.ts", '  "any",\n  "bare stem",\n', '  "steam",\n');
  },
  shows: `
    const { givesWay } = await import("./core/src/equipment/drives/supplies.ts");
    assert.ok(givesWay("steam"));
    const { dutySchema, emptyDuty } = await import("./core/src/duty/statement/duty.ts");
    assert.equal(dutySchema.parse({ ...emptyDuty, operator: "steam" }).operator, "steam");`,
};

const calculation: Addition = {
  what: "a calculation",
  does: (files) => {
    files.add(
      "core/src/basis/calc/bar-length.ts",
      `import { z } from "zod";
import { calculation } from "./calculation.ts";

/**
 * Bar that turns a torque by hand.
 *
 * @param input \`torqueNm\`, N·m above 0; \`forceN\`, N above 0
 * @returns \`lengthMm\`
 * @source statics
 * @example barLength({ torqueNm: 100, forceN: 400 }) // → {"lengthMm":250}
 */
export function barLength({ torqueNm, forceN }: { torqueNm: number; forceN: number }): { lengthMm: number } {
  return { lengthMm: (1000 * torqueNm) / forceN };
}

export const barLengthCalculation = calculation({
  name: "bar-length",
  title: "Length of a bar",
  source: "Statics",
  schema: () => z.strictObject({ torqueNm: z.number().positive(), forceN: z.number().positive() }),
  compute: barLength,
});
`,
    );
    files.enter(
      "core/src/basis/calc/contract.ts",
      'import { barLengthCalculation } from "./bar-length.ts";',
      "];\n\nexport type Failure",
      "  barLengthCalculation,\n",
    );
    files.add(
      "core/vectors/bar-length.json",
      '[{ "input": { "torqueNm": 100, "forceN": 400 }, "expect": { "lengthMm": 250 } }]\n',
    );
  },
  shows: `
    const { calculate, calculationNamed } = await import("./core/src/basis/calc/contract.ts");
    const [{ input, expect }] = JSON.parse(readFileSync("core/vectors/bar-length.json", "utf8"));
    assert.deepEqual(calculate(calculationNamed("bar-length"), input), expect);`,
};

const format: Addition = {
  what: "a change of a stored format",
  remark: "`npm run written:keep` keeps a document of the new format",
  does: (files) => {
    files.add(
      "core/src/duty/versions/4-spelling.ts",
      `import type { VersionStep } from "../../basis/versions/kind.ts";

/** Nothing but the number of the format. */
export const spelling: VersionStep = { to: 4, says: "Nothing changed.", upcast: (duty) => ({ ...duty }) };
`,
    );
    files.enter(
      "core/src/duty/versions/kind.ts",
      'import { spelling } from "./4-spelling.ts";',
      "], 1);",
      ", spelling",
    );
    files.replace("core/src/duty/statement/duty.ts", '"proven-seat-duty/3"', '"proven-seat-duty/4"');
  },
  shows: `
    const { dutyKind } = await import("./core/src/duty/versions/kind.ts");
    assert.equal(dutyKind.newest, "proven-seat-duty/4");
    assert.equal(dutyKind.upcast({ format: "proven-seat-duty/3" }).document.format, "proven-seat-duty/4");`,
};

const printed: Addition = {
  what: "a printed document",
  remark: "a route or a station asks for it",
  does: (files) => {
    files.add(
      "core/src/outcome/documents/label-document.ts",
      `import type { PrintedDocument } from "./printed.ts";

/**
 * A label for a valve.
 *
 * @param tag its number
 * @returns the label
 */
export const labelDocument = (tag: string): PrintedDocument => ({
  name: "Label",
  of: tag,
  where: "",
  issued: "",
  blocks: [{ kind: "remark", words: tag }],
  fingerprint: { madeOf: "the number", digest: "" },
});
`,
    );
    files.before(
      "core/src/outcome/documents/index.ts",
      "export { planDocument }",
      'export { labelDocument } from "./label-document.ts";\n',
    );
  },
  shows: `
    const { labelDocument } = await import("@proven-seat/core/outcome/documents");
    assert.equal(labelDocument("XV-1").of, "XV-1");`,
};

export const additionsToCore = [field, rule, seat, part, drive, supply, calculation, format, printed];
