import { figureText, marginWords } from "@proven-seat/core/basis/units";
import type { HeldBy } from "@proven-seat/core/judgement/proof";
import { describe, expect, it } from "vitest";
import { heldSentence } from "./verdict-words.ts";

const metric = { system: "metric", absolute: false } as const;
const us = { system: "US", absolute: false } as const;
const held: HeldBy = {
  rule: "envelope/seat-limit",
  asks: "Seat limit",
  verdict: "tight",
  value: 67.6,
  limit: 72,
  sense: "≤",
  unit: "bar",
  margin: 0.065,
  marginUnit: "%",
  decides: null,
  remedy: null,
  caseName: "maximum",
  says: "The seat limit is sufficient, but the margin is below the house rule.",
};

describe("words of a verdict", () => {
  it("give value, limit, case and margin in the reader's units", () => {
    expect(heldSentence(held, metric)).toBe("Seat limit: 67.6 bar ≤ 72 bar at maximum (+6 %)");
    expect(heldSentence(held, us)).toBe("Seat limit: 980.5 psi ≤ 1\u2009044 psi at maximum (+6 %)");
  });
  it("describe a shortfall without figures in words", () => {
    expect(heldSentence({ ...held, verdict: "cannot tell", says: "Waits for line class." }, metric)).toBe(
      "Seat limit: waits for line class",
    );
    expect(heldSentence({ ...held, sense: "is", says: "The flanges do not mate." }, metric)).toBe(
      "Seat limit: the flanges do not mate",
    );
  });
  it("write the sign that is true", () => {
    expect(heldSentence({ ...held, verdict: "fails", value: 80, margin: -0.1 }, metric)).toBe(
      "Seat limit: 80 bar > 72 bar at maximum (−10 %)",
    );
    expect(heldSentence({ ...held, verdict: "fails", sense: "≥", margin: null }, metric)).toContain(
      "67.6 bar < 72 bar",
    );
  });
  it("invent no limit where there is none", () => {
    expect(heldSentence({ ...held, verdict: "fails", limit: null, margin: null }, metric)).toBe(
      "Seat limit: 67.6 bar at maximum, outside the range of the limit",
    );
  });
  it("convert margins in kelvin and gauge to absolute", () => {
    expect(marginWords(10, "K", us)).toBe("+18 °F");
    expect(marginWords(null, "K", us)).toBe("");
    expect(figureText(0, "bar g", { system: "metric", absolute: true })).toBe("1.01 bar a");
    expect(figureText(150, "DN", us)).toBe("NPS 6");
  });
  it("keep the capitals of names", () => {
    const held = (says: string) =>
      heldSentence(
        {
          rule: "x",
          asks: "Body",
          verdict: "tight",
          value: null,
          limit: null,
          sense: "is",
          unit: "",
          margin: null,
          marginUnit: null,
          caseName: null,
          decides: null,
          remedy: null,
          says,
        },
        metric,
      );
    expect(held("A352 LCC is suitable.")).toBe("Body: A352 LCC is suitable");
    expect(held("PTFE does not stand it.")).toBe("Body: PTFE does not stand it");
    expect(held("A seal is outside.")).toBe("Body: a seal is outside");
    expect(held("Alloy 400 may burn.")).toBe("Body: alloy 400 may burn");
  });
});
