import type { Verdict } from "@proven-seat/core/rules";
/**
 * End view of a quarter-turn ball. Bore in line holds, at 45° is tight, across fails; a ring without
 * bore cannot tell; a dot was not asked. The shape carries the meaning, the colour only supports it.
 */
export declare function BoreMark({
  verdict,
  size,
  label,
}: {
  verdict: Verdict;
  size?: number;
  label?: boolean;
}): import("react").JSX.Element;
//# sourceMappingURL=bore-mark.d.ts.map
