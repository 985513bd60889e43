import type { Verdict } from "@proven-seat/core/rules";

interface Props {
  faults: Record<string, string>;
  verdicts: Readonly<Record<string, Verdict>>;
  onAddCase: () => void;
}
/** Operating cases, edited in place; the one in hand shows what else it has. */
export declare function CasesTable({ faults, verdicts, onAddCase }: Props): import("react").JSX.Element;
//# sourceMappingURL=cases-table.d.ts.map
