import type { Missing } from "@proven-seat/core/duty";
/** What the duty leaves open: why it matters, and what is assumed meanwhile. */
export declare function MissingList({
  missing,
}: {
  missing: readonly Missing[];
}): import("react").JSX.Element;
//# sourceMappingURL=missing-list.d.ts.map
