// @vitest-environment happy-dom
import { afterEach, describe, expect, it } from "vitest";
import { enterField, entryOf, nextToKnow, pathOf } from "./field-place.ts";

const open = ["dn", "cases.0.upstreamBarG", "lineDesignation", "fluid.family", "cases.0.temperatureC"];

describe("the next mandatory value", () => {
  it("goes from field to field, pressures and temperatures of the cases last", () => {
    const walked: (string | null)[] = [];
    for (
      let field = nextToKnow(open, null);
      field !== null && walked.length < 5;
      field = nextToKnow(open, field)
    )
      walked.push(field);
    expect(walked).toEqual([
      "dn",
      "lineDesignation",
      "fluid.family",
      "cases.0.upstreamBarG",
      "cases.0.temperatureC",
    ]);
  });
  it("returns to skipped ones, and ends where nothing else is left", () => {
    expect(nextToKnow(open, "cases.0.temperatureC")).toBe("dn");
    expect(nextToKnow(["dn"], "dn")).toBeNull();
    expect(nextToKnow([], null)).toBeNull();
  });
  it("starts from the beginning where the field just left is filled in", () => {
    expect(nextToKnow(open, "service")).toBe("dn");
  });
});

describe("the place of a field", () => {
  afterEach(() => {
    document.body.innerHTML = "";
  });
  it("takes the cursor, with its text selected", () => {
    document.body.innerHTML =
      '<div data-field="cases.0.upstreamBarG"><span><input value="12.5"></span></div>';
    const input = document.querySelector("input")!;
    enterField("cases.0.upstreamBarG");
    expect(document.activeElement).toBe(input);
    expect([input.selectionStart, input.selectionEnd]).toEqual([0, 4]);
    expect(pathOf(input)).toBe("cases.0.upstreamBarG");
    expect([pathOf(document.body), entryOf("dn")]).toEqual([null, null]);
    expect(() => enterField("dn")).not.toThrow();
  });
});
