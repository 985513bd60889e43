import type { OperatingCase } from "@proven-seat/core/duty";
import type { Verdict } from "@proven-seat/core/rules";
import type { CandidateDetail } from "../../workers/views.ts";

interface Props {
  detail: CandidateDetail;
  cases: readonly OperatingCase[];
  verdicts: Readonly<Record<string, Verdict>>;
}
/** Pressure against temperature: limits as thin lines, the lowest heavy, the cases as marks. */
export default function EnvelopeChart({ detail, cases, verdicts }: Props): import("react").JSX.Element;
//# sourceMappingURL=envelope-chart.d.ts.map
