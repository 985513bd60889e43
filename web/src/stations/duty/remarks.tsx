import { suggestionsIn } from "@proven-seat/core/duty/line-list";
import { useMemo } from "react";
import { useBench } from "../../bench/bench-store.ts";

/** Remarks from the tag's list without a field of the duty, with suggestions for the duty. */
export function Remarks({ heading }: { heading: string }) {
  const remarks = useBench((s) => s.remarks);
  const words = useMemo(() => suggestionsIn(remarks, 0, ""), [remarks]);
  const list = Object.entries(remarks);
  if (list.length === 0) return null;
  return (
    <>
      <h3 className={heading}>Remarks from the line list</h3>
      <dl className="grid grid-cols-[minmax(5rem,auto)_minmax(0,1fr)] gap-x-3 gap-y-[3px]">
        {list.map(([name, text]) => (
          <div key={name} className="contents">
            <dt className="truncate text-dim" title={name}>
              {name}
            </dt>
            <dd>
              {text}
              {words
                .filter(({ column }) => column === name)
                .map(({ says }) => (
                  <span key={says} className="block text-[12px] text-tight">
                    {says}
                  </span>
                ))}
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}
