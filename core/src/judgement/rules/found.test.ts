import { describe, expect, it } from "vitest";
import { against, inMargin, kelvinTo } from "./compare.ts";
import { Finding, figuresOf, type Ruling } from "./found.ts";
import type { Judged } from "./judged.ts";
import { cannotTell, fits, notAsked, plain } from "./outcome.ts";
import { overCases } from "./over-cases.ts";
import { examined, rule } from "./rule.ts";

const by = (name: string): Ruling => ({
  id: `body/${name}`,
  station: "body",
  asks: `${name}?`,
  source: `source of ${name}`,
});

describe("an outcome", () => {
  it("has null for remarks that were not given", () => {
    const {
      rule: _r,
      station: _s,
      asks: _a,
      source: _o,
      ...described
    } = new Finding(by("a"), plain("holds", "It fits.")).toJSON();
    expect(described).toEqual({
      kind: "worded",
      verdict: "holds",
      value: null,
      limit: null,
      sense: "is",
      unit: "",
      caseId: null,
      caseName: null,
      says: "It fits.",
      remedy: null,
      decides: null,
      byCase: [],
      uses: [],
    });
  });
  it("has the fields of its own kind only", () => {
    const keys = (outcome: Parameters<typeof plain> | null, measured = outcome && plain(...outcome)) =>
      Object.keys(new Finding(by("a"), measured!).toJSON());
    expect(keys(["holds", "x"])).not.toContain("margin");
    expect(keys(["holds", "x", {}, inMargin(against(1, 2, 0), "%")])).toContain("margin");
    const waiting = new Finding(by("a"), cannotTell("the phase")).toJSON();
    expect(waiting).toMatchObject({ kind: "waits for", missing: "the phase" });
    expect(waiting).not.toHaveProperty("margin");
    const unasked = new Finding(by("a"), notAsked("No drive.")).toJSON();
    expect(unasked).toMatchObject({ kind: "not asked", says: "No drive." });
    expect(unasked).not.toHaveProperty("value");
  });
  it("needs no remedy where it holds, and keeps it where it does not", () => {
    const says = { holds: "yes", fails: "no" };
    expect(fits(true, says, { remedy: "Another." })).toMatchObject({ verdict: "holds", remedy: null });
    expect(fits(false, says, { remedy: "Another." })).toMatchObject({ verdict: "fails", remedy: "Another." });
    expect(fits(false, says, { remedy: "Another." }, "tight")).toMatchObject({
      verdict: "tight",
      remedy: "Another.",
    });
  });
  it("names the missing value", () => {
    expect(cannotTell("the phase", { value: 3, unit: "mm" })).toMatchObject({
      verdict: "cannot tell",
      says: "Missing: the phase.",
      missing: "the phase",
      value: 3,
    });
  });
  it("builds its inputs on access, once", () => {
    let asked = 0;
    const uses = () => {
      asked++;
      return [{ what: "x", value: 1, unit: "" as const, origin: "entered" as const }];
    };
    const found = new Finding(by("a"), plain("holds", "", { uses }));
    expect(asked).toBe(0);
    expect(found.uses).toBe(found.uses);
    expect(asked).toBe(1);
  });
  it("contains its margin, in per cent or kelvin", () => {
    expect(plain("tight", "", {}, inMargin(against(67.6, 72, 0.1), "%"))).toMatchObject({
      marginUnit: "%",
      marginWanted: true,
    });
    expect(plain("holds", "", {}, inMargin(kelvinTo(88, 200, "≤", 20), "K", false))).toMatchObject({
      margin: 112,
      marginUnit: "K",
      marginWanted: false,
    });
  });
});

describe("a finding", () => {
  it("is the outcome with the rule's name", () => {
    const outcome = plain("fails", "It does not.");
    const finding = new Finding(by("a"), outcome);
    expect(finding.outcome).toBe(outcome);
    expect(finding).toMatchObject({ rule: "body/a", asks: "a?", source: "source of a", verdict: "fails" });
  });
  it("is separate where a second rule takes the same outcome, which stays unchanged", () => {
    const outcome = plain("tight", "Close.", { value: 4, unit: "mm" }, { margin: 0.1, unit: "%", wants: 0 });
    const [first, second] = [new Finding(by("a"), outcome), new Finding(by("b"), outcome)];
    expect(second).not.toBe(first);
    expect([first.rule, second.rule]).toEqual(["body/a", "body/b"]);
    const { rule: _a, asks: _b, source: _c, ...same } = second.toJSON();
    expect(first.toJSON()).toMatchObject(same);
  });
  it("is plain data for storing and for another thread", () => {
    const found = new Finding(by("a"), plain("holds", "It fits.", { uses: () => [] }));
    expect(structuredClone(found.toJSON())).toEqual(JSON.parse(JSON.stringify(found)));
  });
  it("writes the same figures as its description", () => {
    const found = new Finding(
      by("a"),
      plain("fails", "", { value: 5, limit: 4, unit: "bar", remedy: "Less." }),
    );
    expect(figuresOf(found)).toEqual(figuresOf(found.toJSON()));
    expect(figuresOf(found)).toMatchObject({ value: 5, limit: 4, remedy: "Less.", margin: null });
  });
});

describe("examining a rule", () => {
  const asked = rule({
    id: "envelope/x",
    asks: "x",
    source: "none",
    inputs: ["x"],
    dependsOn: ["line"],
    notApplicableBecause: (duty) => (duty.port === "full" ? null : "No full port."),
    examine: ({ valve }) => (valve ? plain("holds", "Full.") : notAsked("No valve.")),
  });
  const judged = (port: string, valve: object | null) =>
    ({ duty: { port, stated: {} }, valve }) as unknown as Judged;

  it("reads the station from the id", () => expect(asked.station).toBe("envelope"));
  it("does not look at the valve where the duty does not raise the question", () => {
    const blind = rule({ ...asked, examine: () => expect.fail("was examined") });
    expect(examined(blind, judged("reduced accepted", {}))).toMatchObject({
      verdict: "not asked",
      says: "No full port.",
      rule: "envelope/x",
    });
  });
  it("looks at it where the duty does", () => {
    expect(examined(asked, judged("full", {})).verdict).toBe("holds");
    expect(examined(asked, judged("full", null))).toMatchObject({ verdict: "not asked", says: "No valve." });
  });
});

describe("cases measured one by one", () => {
  const measured = (
    verdicts: readonly ("holds" | "tight" | "fails" | "missing" | null)[],
    kinds: string[] = [],
  ) =>
    overCases(
      verdicts.map((_, i) => ({ id: `c${i}`, name: `case ${i}`, kind: kinds[i] ?? "normal" })) as never,
      {
        unit: "bar",
        marginUnit: "%",
        sense: "≤",
        measure: (c) => {
          const verdict = verdicts[Number(c.id.slice(1))]!;
          if (verdict === null) return null;
          if (verdict === "missing") return { missing: "pressure" };
          return { value: 1, limit: 1, margin: 0.1, verdict };
        },
        says: (verdict) => verdict,
        uses: (c) => [{ what: c.name, value: 1, unit: "bar", origin: "entered" }],
      },
    );
  it.each([
    [["holds", "tight"], "tight", "c1"],
    [["fails", "missing"], "fails", "c0"],
    [["holds", "missing"], "cannot tell", "c1"],
    [["holds", null], "holds", "c0"],
  ] as const)("%j is %s by %s", (verdicts, verdict, caseId) => {
    expect(measured(verdicts)).toMatchObject({ verdict, caseId });
  });
  it("wait for cases where there are none, and are not asked where none raises the question", () => {
    expect(measured([])).toMatchObject({ verdict: "cannot tell", missing: "operating cases" });
    expect(measured([null, null]).verdict).toBe("not asked");
  });
  it("leaves fire to the fire-safe rule", () => {
    expect(measured(["fails", "holds"], ["fire", "normal"])).toMatchObject({
      verdict: "holds",
      caseId: "c1",
    });
  });
  it("keep every case, and list the inputs of the governing one", () => {
    const found = measured(["holds", "fails", null]);
    expect(found.byCase.map((c) => c.verdict)).toEqual(["holds", "fails", "not asked"]);
    expect(found.uses()).toMatchObject([{ what: "case 1" }]);
  });
  it("treat a missing limit as the worst failure", () => {
    expect(against(5, null, 0.1)).toMatchObject({ value: 5, limit: null, margin: null, verdict: "fails" });
    expect(against(-1, 10, 0.1).verdict).toBe("holds");
    expect(against(10, 10, 0).verdict).toBe("holds");
    expect(new Finding(by("a"), plain("fails", "")).margin).toBeNull();
  });
});
