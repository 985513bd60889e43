import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cleanText, textFault } from "./clean.ts";
import { guardFormula, unguardFormula } from "./formula.ts";
import { tagKey } from "./tag-key.ts";

const anyText = fc.oneof(
  fc.string({ unit: "binary" }),
  fc.string({ unit: fc.constantFrom("'", "=", "+", "-", "@", "\n", "\t", " ", "a", "＝", "|", "\r") }),
);

describe("a text", () => {
  it.each([
    ["\ud800", /half a character/],
    ["a\udc00b", /half a character/],
    ["a\u0000b", /U\+0000/],
    ["\u0007", /U\+0007/],
    ["\u009b", /U\+009B/],
    ["\uffff", /U\+FFFF/],
  ])("%j has a fault", (text, says) => expect(textFault(text)).toMatch(says));
  it.each(["", "a\tb\r\nc", "Ω ≤ ₂ 🔧 ß é", "中文 العربية кириллица", "\ud83d\udd27"])(
    "%j has none",
    (text) => expect(textFault(text)).toBeNull(),
  );
  it.each([
    ["XV\u200b-1", "XV-1"],
    ["\ufeffXV", "XV"],
    ["abc\u202etxt.exe", "abctxt.exe"],
    ["e\u0301", "é"],
    ["a\u2066b\u2069", "ab"],
    ["\u00ad-", "-"],
  ])("%j is cleaned", (text, clean) => expect(cleanText(text)).toBe(clean));
  it("cleaning twice changes nothing more, and plain text stays as it is", () => {
    fc.assert(
      fc.property(anyText, (text) => {
        const once = cleanText(text);
        expect(cleanText(once)).toBe(once);
      }),
    );
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(cleanText(text)).toBe(text);
      }),
    );
  });
});

describe("tag numbers that look alike", () => {
  it.each([
    "xv-1001",
    "XV–1001",
    "XV−1001",
    "XV\u200b-1001",
    "ＸＶ-1001",
    " XV-1001 ",
    "XV\u2011\u00ad1001",
    "Xv﹣1001",
  ])("%j is XV-1001", (number) => expect(tagKey(number)).toBe("XV-1001"));
  it.each(["XV-1001A", "XV 1001", "XV-1O01", "XV1001", "XV_1001"])("%j is a different number", (number) =>
    expect(tagKey(number)).not.toBe("XV-1001"),
  );
  it("have one key, whichever of them is asked", () => {
    fc.assert(
      fc.property(anyText, (text) => {
        expect(tagKey(tagKey(text))).toBe(tagKey(text));
      }),
    );
  });
});

describe("a cell a spreadsheet would run", () => {
  it.each(["=1", "+1", "-1", "@SUM(1)", "\n=1", "=1\n", " \t=1", "|cmd", "＝1", "'=1", "''=1", "'\n=1"])(
    "%j is guarded",
    (text) => expect(guardFormula(text)).toBe(`'${text}`),
  );
  it.each(["", "a=1", "'", "'a", "10 bar", "a\n=1"])("%j needs no guard", (text) =>
    expect(guardFormula(text)).toBe(text),
  );
  it("comes back unchanged, whatever it contains", () => {
    fc.assert(
      fc.property(anyText, (text) => {
        expect(unguardFormula(guardFormula(text))).toBe(text);
      }),
      { numRuns: 2000 },
    );
  });
});
