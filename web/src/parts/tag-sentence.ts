import type { TagSummary } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { heldSentence, type ReadingUnits } from "./verdict-words.ts";

/** The sentence that holds a tag back. */
export function sentenceOf(
  summary: TagSummary | null,
  units: ReadingUnits,
  proved = false,
): { text: string; verdict: Verdict } {
  if (!summary) return { text: proved ? "…" : "not proved yet", verdict: "not asked" };
  if (summary.missing.length > 0) {
    const [first, ...rest] = summary.missing;
    return {
      text: `Missing: ${first!.charAt(0).toLowerCase()}${first!.slice(1)}${rest.length > 0 ? ` and ${rest.length} more` : ""}`,
      verdict: "cannot tell",
    };
  }
  if (summary.choiceGone)
    return { text: "The chosen valve is no longer offered. Choose again.", verdict: "cannot tell" };
  if (!summary.heldBy) return { text: "Nothing to examine", verdict: "not asked" };
  const sentence = heldSentence(summary.heldBy, units);
  if (summary.standing === 0 && summary.verdict === "fails")
    return { text: `No suitable candidate. Nearest: ${sentence}`, verdict: "fails" };
  return { text: sentence, verdict: summary.verdict };
}
