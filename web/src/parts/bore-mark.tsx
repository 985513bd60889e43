import type { Verdict } from "@proven-seat/core/judgement/rules";
import { useId } from "react";

const colours: Record<Verdict, string> = {
  holds: "var(--holds)",
  tight: "var(--tight)",
  fails: "var(--fails)",
  "cannot tell": "var(--cannot)",
  "not asked": "var(--dim)",
};
const turns: Partial<Record<Verdict, number>> = { holds: 0, tight: 45, fails: 90 };

/**
 * End view of a quarter-turn ball. Bore in line holds, at 45° is tight, across fails; a ring without
 * bore cannot tell; a dot was not asked. The shape carries the meaning, the colour only supports it.
 */
export function BoreMark({
  verdict,
  size = 14,
  label = true,
}: {
  verdict: Verdict;
  size?: number;
  label?: boolean;
}) {
  const id = useId();
  const colour = colours[verdict];
  const turn = turns[verdict];
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      role={label ? "img" : undefined}
      aria-label={label ? verdict : undefined}
      aria-hidden={!label}
      className="inline-block shrink-0"
      data-verdict={verdict}
    >
      {turn !== undefined ? (
        <>
          <clipPath id={id}>
            <circle cx="12" cy="12" r="11" />
          </clipPath>
          <g clipPath={`url(#${id})`}>
            <rect width="24" height="24" fill={colour} />
            <rect
              className="bore"
              x="-8"
              y="8.4"
              width="40"
              height="7.2"
              fill="var(--paper)"
              style={{ transform: `rotate(${turn}deg)` }}
            />
          </g>
        </>
      ) : verdict === "cannot tell" ? (
        <circle cx="12" cy="12" r="10" fill="none" stroke={colour} strokeWidth="2.2" />
      ) : (
        <circle cx="12" cy="12" r="2" fill={colour} />
      )}
    </svg>
  );
}
