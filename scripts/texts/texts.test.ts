import { describe, expect, it } from "vitest";
import { allProse, allTexts } from "./all.ts";
import { textsOf } from "./collect.ts";
import { commentsOf } from "./comments.ts";
import { faultsOf, faultsOfProse } from "./dialect.ts";

describe("texts of a source file", () => {
  it("are its sentences and labels, in strings, templates and between tags", () => {
    const source = `
      import { b } from "./not a text.ts";
      const id = "seat-limit";
      const text = "Seat limit";
      const value = \`The limit is \${bar} bar.\`;
      const view = <p className="font bold" title="Change units">Keep hands <b>clear</b></p>;`;
    expect(textsOf("a.tsx", source).map(({ line, text }) => [line, text])).toEqual([
      [4, "Seat limit"],
      [5, `The limit is $${"{bar}"} bar.`],
      [6, "Change units"],
      [6, "Keep hands"],
    ]);
  });
});

describe("plain English", () => {
  it.each([
    ["The line is made no more.", /no longer/],
    ["Held back by the stem", /limited by/],
    ["Take the candidate in hand first.", /selected/],
    ["at a height nobody states", /not stated/],
    [`${"word ".repeat(26)}.`, /26 words/],
  ])("is not: %s", (text, fault) => expect(faultsOf(text).join()).toMatch(fault));
  it("is: subject, verb, object", () =>
    expect(faultsOf("The product line is discontinued. Use its successor.")).toEqual([]));
  it("is used in every text of the product", () => {
    const faults = allTexts().flatMap(({ file, line, text }) =>
      faultsOf(text).map((fault) => `${file}:${line} ${fault}`),
    );
    expect(faults).toEqual([]);
  });
  it.each([
    ["A rule that hangs on nothing", /depends on/],
    ["The list is read anew.", /plain words/],
  ])("is not, in a comment: %s", (text, fault) => expect(faultsOfProse(text).join()).toMatch(fault));
  it("is used in every comment and every page of the manual", () => {
    const faults = allProse().flatMap(({ file, line, text }) =>
      faultsOfProse(text).map((fault) => `${file}:${line} ${fault}`),
    );
    expect(faults).toEqual([]);
  });
});

describe("comments of a source file", () => {
  it("are read without their stars, and without directives", () => {
    const source = "/**\n * A rule.\n */\nconst a = 1; // one\n// biome-ignore lint: not prose\n";
    expect(commentsOf("a.ts", source).map(({ line, text }) => [line, text])).toEqual([
      [1, "A rule."],
      [4, "one"],
    ]);
  });
});
