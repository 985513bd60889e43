import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { calculate, calculationNamed, calculations, inputJsonSchema, isFailure } from "./contract.ts";

const folder = new URL("../../../vectors/", import.meta.url);

/** Relative agreement asked for; flow is found by iteration, and other iterations stop earlier. */
const within = (name: string) => (name === "liquid-flow" || name === "gas-flow" ? 5e-3 : 1e-6);

function agrees(actual: unknown, expected: unknown, path: string): void {
  if (typeof expected === "number") {
    expect(typeof actual, path).toBe("number");
    const scale = Math.max(Math.abs(expected), 1e-9);
    expect(Math.abs((actual as number) - expected) / scale, path).toBeLessThanOrEqual(
      within(path.split("[")[0]!),
    );
  } else if (expected !== null && typeof expected === "object") {
    for (const [key, value] of Object.entries(expected)) {
      agrees((actual as Record<string, unknown>)?.[key], value, `${path}.${key}`);
    }
    // An error may say more than the worked case; a result may not.
    if (!("code" in expected) && !("error" in expected)) {
      expect(Object.keys(actual as object).sort(), path).toEqual(Object.keys(expected).sort());
    }
  } else expect(actual, path).toEqual(expected);
}

describe("worked cases", () => {
  for (const file of readdirSync(folder)) {
    const name = file.replace(".json", "");
    const cases = JSON.parse(readFileSync(new URL(file, folder), "utf8")) as {
      input: unknown;
      expect: unknown;
    }[];
    // Trials agree as far as they scatter: with the case, and from run to run to the last digit.
    if (name === "stall-probability") {
      it.each(cases.map((c, index) => ({ at: index, ...c })))(
        `${name} $at`,
        ({ input, expect: expected }) => {
          const found = calculate(calculationNamed(name)!, input) as { probability: number };
          const { probability: p } = expected as { probability: number };
          const error = Math.sqrt((p * (1 - p)) / (input as { trials: number }).trials);
          expect(Math.abs(found.probability - p)).toBeLessThan(5 * error + 1e-9);
          expect(calculate(calculationNamed(name)!, input)).toEqual(found);
        },
      );
      continue;
    }
    it.each(cases.map((c, index) => ({ at: index, ...c })))(
      `${name} $at`,
      ({ at: index, input, expect: expected }) => {
        agrees(calculate(calculationNamed(name)!, input), expected, `${name}[${index}]`);
      },
    );
  }
});

describe("contract edge", () => {
  it("names the field that is wrong and computes nothing", () => {
    const rating = calculationNamed("rating")!;
    const result = calculate(rating, { designation: "class 300", materialGroup: "1.1", temperatureC: "hot" });
    expect(result).toMatchObject({ error: { code: "invalid-input", field: "temperatureC" } });
    expect(isFailure(result)).toBe(true);
  });
  it("refuses a misspelt field instead of ignoring it", () => {
    const result = calculate(calculationNamed("mounting")!, { requiredTorqueNm: 1, requiredTorque: 2 });
    expect(result).toMatchObject({ error: { code: "invalid-input", field: "requiredTorque" } });
  });
  it("reports a path into nested input", () => {
    const trunnion = calculationNamed("trunnion-ball-torque")!;
    expect(calculate(trunnion, { seats: [{ springLoadN: -1 }] })).toMatchObject({
      error: { code: "invalid-input" },
    });
  });
  it("answers a demand of zero with a code of its own", () => {
    const demandNm = {
      breakToOpenNm: 0,
      runToOpenNm: 1,
      endToOpenNm: 1,
      breakToCloseNm: 1,
      runToCloseNm: 1,
      endToCloseNm: 1,
    };
    const result = calculate(calculationNamed("actuator-margin")!, {
      demandNm,
      serviceFactor: 1.2,
      action: "double-acting",
      output: { torqueNm: 5 },
    });
    expect(result).toMatchObject({ error: { code: "demand-not-positive", field: "demandNm.breakToOpenNm" } });
  });
  it("prints a JSON Schema for every calculation", () => {
    for (const calculation of calculations) {
      expect(inputJsonSchema(calculation)).toMatchObject({ type: "object", additionalProperties: false });
    }
  });
});
