import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { PaperMark } from "../../parts/paper-mark.tsx";
import type { StationMark } from "./marks.ts";

/** The stations of the work in order, strung on a pipe; each with its bore mark. */
export function TheLine({
  marks,
  current,
  tagId,
}: {
  marks: readonly StationMark[];
  current: string;
  tagId: string;
}) {
  const address = useAddress();
  return (
    <nav
      aria-label="Stations"
      className="relative grid border-b border-rule px-6 pt-2"
      style={{ gridTemplateColumns: `repeat(${marks.length}, minmax(0, 1fr))` }}
    >
      <div aria-hidden="true" className="absolute inset-x-0 top-[17px] h-[9px] border-y border-rule" />
      {marks.map((mark) => (
        <Link
          key={mark.id}
          to={address(`/tags/${tagId}/${mark.id}`)}
          aria-current={mark.id === current ? "step" : undefined}
          className="group relative block min-w-0 pr-3"
        >
          <span className="flex items-center gap-2">
            <span className="bg-paper px-0.5">
              {mark.paper === null ? (
                <BoreMark verdict={mark.verdict} size={26} />
              ) : (
                <PaperMark state={mark.paper} size={26} />
              )}
            </span>
            <span
              className={`bg-paper pr-1 font-semibold group-hover:underline ${mark.id === current ? "" : "text-ink/90"}`}
            >
              {mark.name}
            </span>
          </span>
          <span className="mt-0.5 block truncate pb-1 text-[12px] text-dim" title={mark.says}>
            {mark.says}&nbsp;
          </span>
          {mark.id === current && (
            <span aria-hidden="true" className="absolute right-4 bottom-0 left-0 h-[3px] bg-ink" />
          )}
        </Link>
      ))}
    </nav>
  );
}
