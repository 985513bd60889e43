import type { BenchView } from "../../workers/views.ts";
/** Shown when no candidate stands: the nearest misses and what each misses. */
export declare function NothingStands({ view }: { view: BenchView }): import("react").JSX.Element | null;
//# sourceMappingURL=nothing-stands.d.ts.map
