import { type RuleStation } from "@proven-seat/core/rules";
import type { CandidateDetail } from "../../workers/views.ts";
/** Findings of the candidate in hand; inputs and source on demand, the grave ones open. */
export declare function FindingsPanel({
  detail,
  focus,
}: {
  detail: CandidateDetail;
  focus: RuleStation | null;
}): import("react").JSX.Element;
//# sourceMappingURL=findings-panel.d.ts.map
