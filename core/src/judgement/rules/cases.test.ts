import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoProof, demoTags } from "../../../test/demo.ts";
import { type ConstructionStanding, constructionsIn } from "../proof/constructions.ts";

/** The judgements in docs/cases.md. */
const judged = (number: string) => {
  const proof = demoProof(number);
  const by = new Map(constructionsIn(proof).map((c) => [c.construction.id, c]));
  return {
    proof,
    standingOf: (id: string) => by.get(id) as ConstructionStanding,
    standing: [...by.values()].filter((c) => c.standing > 0).map((c) => c.construction.id),
    survivors: proof.candidates.filter((c) => c.verdict !== "fails"),
  };
};
const only = <T>(items: Iterable<T>) => [...new Set(items)].sort();

const table = readFileSync(new URL("../../../../docs/cases.md", import.meta.url), "utf8")
  .split("\n")
  .flatMap((row) => {
    const [, number, , leads] = row.split("|").map((cell) => cell.trim());
    return number && /^[A-Z]+-\d+$/.test(number) ? [[number, leads!] as const] : [];
  });

describe("the leading candidates", () => {
  it("are stated for every tag", () => expect(table.map(([n]) => n)).toEqual(demoTags.map((t) => t.number)));
  it.each(table)("on %s is %s", (number, leads) => {
    const [first] = judged(number).proof.candidates;
    const stands = first!.fails === 0 && first!.cannotTell === 0;
    expect(stands ? first!.valve.line.name : "none").toBe(leads);
  });
});

describe("ten tags", () => {
  it("XV-3040: trunnion balls with PEEK and lip seals", () => {
    const { standing, survivors, standingOf } = judged("XV-3040");
    expect(standing).toEqual(["trunnion-side-entry", "trunnion-top-entry"]);
    expect(only(survivors.map((c) => c.valve.seat.material.id))).toEqual(["peek"]);
    expect(
      survivors.some((c) =>
        c.valve.seals.parts.some((p) => p.material.kind === "o-ring" && !p.decompressionGrade),
      ),
    ).toBe(false);
    expect(standingOf("tilt-away").fallsOn?.rule).toBe("body/barriers");
  });
  it("XV-3066: nothing brittle, nothing slow", () => {
    const { survivors, standingOf, proof } = judged("XV-3066");
    expect(survivors.every((c) => c.valve.grade.minimumC <= -52)).toBe(true);
    expect(survivors.every((c) => c.valve.bolting.minimumC <= -52)).toBe(true);
    expect(standingOf("tilt-away").fallsOn?.rule).toBe("body/emergency-speed");
    expect(proof.candidates[0]!.verdict).toBe("tight");
  });
  it("XV-1034: bodies with one leak path and a double-piston seat downstream", () => {
    const { standing, survivors, standingOf } = judged("XV-1034");
    expect(standing).toEqual(["trunnion-welded", "trunnion-top-entry"]);
    expect(only(survivors.map((c) => c.valve.cavity.barriers.forward))).toEqual([2]);
    expect(only(survivors.map((c) => c.valve.seals.stemSeal))).toEqual(["double packing with leak-off"]);
    expect(standingOf("trunnion-side-entry").fallsOn?.rule).toBe("body/leak-paths");
    expect(standingOf("butterfly-triple-offset").fallsOn?.rule).toBe("body/double-isolation");
  });
  it("XV-2011: no sleeved plug first; no copper", () => {
    const { proof, survivors } = judged("XV-2011");
    expect(proof.candidates[0]!.valve.construction.id).toBe("butterfly-double-offset");
    expect(
      survivors.some((c) => /bronze|alloy 400/.test(`${c.valve.trim.ball} ${c.valve.grade.metal}`)),
    ).toBe(false);
  });
  it("XV-4002: metal seats alone, no sealant", () => {
    const { standing, survivors, standingOf } = judged("XV-4002");
    expect(standing).toEqual(["trunnion-top-entry", "butterfly-triple-offset"]);
    expect(survivors.every((c) => c.valve.seat.material.kind === "metal")).toBe(true);
    expect(standingOf("plug-lubricated").fallsOn?.rule).toBe("envelope/sealant-heat");
    expect(standingOf("floating-two-piece").fallsOn?.rule).toBe("envelope/seat-temperature");
  });
  it("XV-4020 and XV-2044: none is suitable", () => {
    expect(judged("XV-4020").proof.standing).toBe(0);
    const threads = judged("XV-2044");
    expect(threads.proof.standing).toBe(0);
    expect(
      threads.proof.candidates.every((c) => c.failing.some((f) => f.rule === "body/threaded-ends")),
    ).toBe(true);
  });
  it("XV-6001: a lining, with a disc that resists crevice corrosion in seawater", () => {
    const { standing, survivors, standingOf } = judged("XV-6001");
    expect(standing).toEqual(["butterfly-concentric"]);
    expect(only(survivors.map((c) => c.valve.trim.ball))).toEqual(["nickel aluminium bronze"]);
    expect(standingOf("trunnion-side-entry").fallsOn?.rule).toBe("envelope/seawater-crevice");
  });
  it("XV-8034: alloy 400 and PTFE in oxygen", () => {
    const { survivors } = judged("XV-8034");
    expect(only(survivors.map((c) => c.valve.grade.grade)).sort()).toEqual([
      "Alloy 400 (M35-1)",
      "Alloy C-276",
    ]);
    expect(only(survivors.map((c) => c.valve.trim.ball)).sort()).toEqual(["alloy 400", "alloy 625 or C-276"]);
  });
  it("FV-5010: no plain trim throttles", () => {
    const { standing, standingOf } = judged("FV-5010");
    expect(standing).toContain("segment-ball");
    // A notched ball without steps chokes at the largest case.
    expect(standingOf("v-port-ball").fallsOn?.rule).toMatch(/^flow\//);
    expect(standing.some((id) => /floating|trunnion|sleeved|lubricated/.test(id))).toBe(false);
    expect(standingOf("trunnion-side-entry").fallsOn?.rule).toBe("body/throttling");
  });
});
