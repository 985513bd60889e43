import type { Verdict } from "@proven-seat/core/judgement/rules";
import { BoreMark } from "./bore-mark.tsx";

const marks: readonly [Verdict, string][] = [
  ["holds", "within every limit"],
  ["tight", "within the limit, with less margin than the house rule"],
  ["fails", "outside a limit"],
  ["cannot tell", "an input or evidence is missing"],
  ["not asked", "not applicable to this duty"],
];

/** The five marks; with `explained` their meaning beside them. */
export function Legend({ explained = false }: { explained?: boolean }) {
  return (
    <ul className={explained ? "grid gap-2" : "flex gap-x-4"} aria-label="Marks">
      {marks.map(([verdict, meaning]) => (
        <li key={verdict} className="flex items-center gap-1.5">
          <BoreMark verdict={verdict} label={false} />
          <span>{verdict}</span>
          {explained && <span className="text-dim">{meaning}</span>}
        </li>
      ))}
    </ul>
  );
}
