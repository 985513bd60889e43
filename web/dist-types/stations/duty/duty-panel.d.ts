import type { Verdict } from "@proven-seat/core/rules";

interface Props {
  faults: Record<string, string>;
  caseVerdicts: Readonly<Record<string, Verdict>>;
  onAddCase: () => void;
}
/** What goes in: cases first, then everything else an order needs. */
export declare function DutyPanel({ faults, caseVerdicts, onAddCase }: Props): import("react").JSX.Element;
//# sourceMappingURL=duty-panel.d.ts.map
