import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView } from "../../workers/views.ts";
/** Body, trim and seal variants of the valve in hand: same line, class and seat. */
export declare function Variants({
  view,
  prover,
}: {
  view: BenchView;
  prover: ProverHandle | null;
}): import("react").JSX.Element;
//# sourceMappingURL=variants.d.ts.map
