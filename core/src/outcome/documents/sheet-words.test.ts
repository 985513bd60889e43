import { describe, expect, it } from "vitest";
import { sheetOf } from "../../../test/demo-sheet.ts";
import { figureText } from "../../basis/units/reading.ts";
import type { Sheet } from "../../judgement/proof/sheet.ts";
import { cautions } from "./cautions.ts";
import { dutyWords, valveWords, writtenMargin } from "./sheet-words.ts";

const asText = (pairs: readonly (readonly [string, string])[]) => Object.fromEntries(pairs);

describe("a sheet in words", () => {
  it("is in metric units throughout", () => {
    const sheet = sheetOf("XV-1034");
    const [duty, valve] = [
      asText(dutyWords(sheet, { system: "metric" })),
      asText(valveWords(sheet, { system: "metric" })),
    ];
    expect(duty).toMatchObject({ Size: "DN 200", "Flow direction": "one way" });
    expect(duty["Partial pressure of H₂S"]).toBe("55 kPa");
    expect(valve["Size, class"]).toBe("DN 200, class 300");
    expect(valve["Stem, pad"]).toMatch(/ mm, .* N·m allowed, F\d+/);
  });
  it("is in US units throughout, the fluid and the valve's own dimensions too", () => {
    const sheet = sheetOf("XV-1034");
    const [duty, valve] = [
      asText(dutyWords(sheet, { system: "US" })),
      asText(valveWords(sheet, { system: "US" })),
    ];
    expect(duty).toMatchObject({ Size: "NPS 8" });
    expect(duty["Partial pressure of H₂S"]).toMatch(/^7\.98 psi/);
    expect(valve["Size, class"]).toBe("NPS 8, class 300");
    expect(valve["Stem, pad"]).toMatch(/ in, .* lbf·ft allowed, F\d+/);
    expect(Object.values({ ...duty, ...valve }).join("; ")).not.toMatch(/\d (mm|bar|bar g|°C|N·m|kPa)\b/);
  });
  it("shows not stated where the duty has no value", () => {
    const words = asText(dutyWords(sheetOf("XV-9001"), { system: "metric" }));
    expect(words["Not stated"]).toMatch(/line class.*on supply loss/);
    expect(words).not.toHaveProperty("Line class");
  });
  it("leaves nothing out that decides findings", () => {
    const stated = { ...sheetOf("XV-1034") };
    const duty = {
      ...stated.inputs.duty,
      lineTestBarG: 60,
      jacketBarG: 6,
      jacketC: 165,
      emissionClass: "B" as const,
      operator: "pneumatic" as const,
      strokesPerYear: 400,
      pipeBoreMm: 202.7,
      port: "full" as const,
      function: ["double isolation, one way" as const, "emergency shut-down" as const],
    };
    const words = asText(
      dutyWords({ ...stated, inputs: { ...stated.inputs, duty } } as Sheet, { system: "metric" }),
    );
    expect(words).toMatchObject({
      "Line test, valve closed": "60 bar g",
      "Jacket pressure": "6 bar g",
      "Jacket temperature": "165 °C",
      "Stem tightness": "class B",
      Operator: "pneumatic",
      "Strokes per year": "400",
      "Pipe bore": "202.7 mm",
      Port: "full",
      Function: "double isolation, one way, emergency shut-down",
    });
  });
  it("names a bare stem, and an actuator with its springs and fail action", () => {
    expect(asText(valveWords(sheetOf("XV-3061"), { system: "metric" })).Actuator).toBe("bare stem");
    const driven = asText(valveWords(sheetOf("XV-1034"), { system: "metric" }));
    expect(driven.Actuator).toMatch(/Quillhaven Actuation, .* springs S\d/);
    expect(driven.Action).toMatch(/closes on supply loss/);
    const wordsOf = (number: string) => asText(valveWords(sheetOf(number), { system: "metric" })).Action;
    expect(wordsOf("HV-1012")).toBe("handwheel gearbox");
    expect(wordsOf("FV-5011")).toBe("electric modulating; stays on supply loss");
  });
  it("calls weight and price indicative, in the catalogue's currency", () => {
    expect(asText(valveWords(sheetOf("XV-1034"), { system: "metric" }))["Weight, price"]).toMatch(
      / kg, .* EUR \(indicative\)/,
    );
  });
  it("cautions persons who handle the valve, and states its limits", () => {
    expect(cautions.join(" ")).toMatch(
      /Never put a hand.*vent the line and the cavity.*eject under pressure.*licensed engineer/s,
    );
  });
});

describe("figures of a sheet", () => {
  it.each([
    [null, "bar g", "metric", "–"],
    ["stainless", "", "US", "stainless"],
    [40, "DN", "metric", "DN 40"],
    [40, "DN", "US", "NPS 1½"],
    [10, "bar g", "US", "145 psi g"],
    [100, "°C", "US", "212 °F"],
    [25.4, "mm", "US", "1 in"],
  ] as const)("%s %s in %s read %s", (value, unit, system, text) => {
    expect(figureText(value, unit, { system })).toBe(text);
  });
  it("have margins in the reader's degrees", () => {
    const wordsOf = (margin: number | null, marginUnit: "K" | "%" | null) =>
      writtenMargin(
        (marginUnit === null ? { kind: "worded" } : { kind: "measured", margin, marginUnit }) as never,
        { system: "US" },
      );
    expect(wordsOf(10, "K")).toBe("+18 °F");
    expect(wordsOf(0.125, "%")).toBe("+12 %");
    expect(wordsOf(null, null)).toBe("");
  });
});
