import type { CandidateDetail } from "../../workers/views.ts";
/** Choosing against a finding: it needs a written reason, and the reason stays visible. */
export declare function OverrideDialog({
  detail,
  reason,
  onClose,
  onOverride,
}: {
  detail: CandidateDetail;
  reason: string;
  onClose: () => void;
  onOverride: (reason: string) => void;
}): import("react").JSX.Element;
//# sourceMappingURL=override-dialog.d.ts.map
