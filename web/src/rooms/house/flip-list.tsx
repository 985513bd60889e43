import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import type { Flips } from "./flips.ts";

/** The tags a change would turn, before anything is saved. */
export function FlipList({ flips, changed }: { flips: Flips; changed: number }) {
  const address = useAddress();
  if (changed === 0)
    return (
      <p className="text-dim">
        Change a rule to see which tags would get another verdict. Nothing is saved yet.
      </p>
    );
  const { done, total } = flips;
  return (
    <div aria-busy={done < total}>
      <p className="mb-1 text-dim" role="status">
        {flips.trouble ??
          (done < total || total === 0
            ? `${done} of ${total} tags proved with both …`
            : flips.flips.length === 0
              ? `No verdict changes: ${total} tags proved with both.`
              : `${flips.flips.length} of ${total} tags change.`)}
      </p>
      {flips.beyond > 0 && (
        <p className="mb-1 text-dim">
          These are the first {total}. Nothing changes until a project is updated to the new version. Then all{" "}
          {total + flips.beyond} tags are proved in Drift.
        </p>
      )}
      <ul>
        {flips.flips.map((f) => (
          <li
            key={f.id}
            className="grid grid-cols-[5.2rem_18px_1rem_18px_minmax(0,1fr)] items-baseline gap-x-1 border-b border-rule/60 py-[2px]"
          >
            <Link
              className="font-semibold hover:underline"
              to={address(`/tags/${f.id}/duty`)}
              title={f.service}
            >
              {f.number}
            </Link>
            <span className="self-center">
              <BoreMark verdict={f.from} />
            </span>
            <span aria-hidden="true">→</span>
            <span className="self-center">
              <BoreMark verdict={f.to} />
            </span>
            <span className="truncate text-[12px]" title={[f.because, f.instead].filter(Boolean).join("; ")}>
              {f.suitable[0] !== f.suitable[1] && (
                <span className="figures">
                  {f.suitable[0]} → {f.suitable[1]} suitable{" "}
                </span>
              )}
              <span className="text-dim">
                {f.from !== f.to ? f.because : ""}
                {f.instead !== null && `${f.from !== f.to ? "; " : ""}first candidate then: ${f.instead}`}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
