import type { Missing } from "@proven-seat/core/duty";
import { BoreMark } from "../../parts/bore-mark.tsx";

/** What the duty leaves open: why it matters, and what is assumed meanwhile. */
export function MissingList({ missing }: { missing: readonly Missing[] }) {
  const stops = missing.filter((m) => m.assumption === null).length;
  if (missing.length === 0) return <p className="text-dim">The duty is complete: nothing is assumed.</p>;
  return (
    <>
      <p className="mb-2 text-dim">
        {stops > 0 ? `${stops} must be known, ` : ""}
        {missing.length - stops} assumed meanwhile
      </p>
      <ul className="grid gap-2">
        {missing.map((m) => (
          <li key={m.field} className="flex gap-2">
            <span className="mt-0.5">
              <BoreMark verdict={m.assumption === null ? "cannot tell" : "not asked"} label={false} />
            </span>
            <span>
              <span className="font-semibold">{m.label}</span>:{" "}
              {m.assumption === null ? (
                <span className="text-cannot">not known, and nothing is assumed.</span>
              ) : (
                <>{m.assumption} assumed.</>
              )}{" "}
              <span className="text-dim">{m.why}</span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
