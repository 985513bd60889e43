import type { CandidateDetail } from "../../workers/views.ts";
/** Demand over the stroke both ways against what the drive gives; the stem limit as ceiling. */
export default function StrokeChart({ detail }: { detail: CandidateDetail }): import("react").JSX.Element;
//# sourceMappingURL=stroke-chart.d.ts.map
