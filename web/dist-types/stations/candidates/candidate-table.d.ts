import { type Order } from "@proven-seat/core/proof";
import type { BenchView } from "../../workers/views.ts";
/** The order after this one, for the key that walks through them. */
export declare const orderAfter: (order: Order) => Order;
interface Props {
  view: BenchView;
  onCycleOrder: () => void;
}
/** Candidates side by side: the best of each line, class and seat, in the order of the ranking. */
export declare function CandidateTable({ view, onCycleOrder }: Props): import("react").JSX.Element;
//# sourceMappingURL=candidate-table.d.ts.map
