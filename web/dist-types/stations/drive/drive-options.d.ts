import type { ProverHandle } from "../../workers/prover.ts";
import type { BenchView } from "../../workers/views.ts";
/** Every drive the duty allows on the valve in hand, best first. */
export declare function DriveOptions({
  view,
  prover,
}: {
  view: BenchView;
  prover: ProverHandle | null;
}): import("react").JSX.Element;
//# sourceMappingURL=drive-options.d.ts.map
