import type { BenchView, CandidateDetail } from "../../workers/views.ts";

interface Props {
  view: BenchView;
  chosen: CandidateDetail | null;
  onOverride: () => void;
}
/** The sheet as it would be issued, the issue itself, and what has been issued. */
export declare function SheetStation({ view, chosen, onOverride }: Props): import("react").JSX.Element;
//# sourceMappingURL=sheet-station.d.ts.map
