import type { TagRow } from "@proven-seat/contract";
import { sizeText } from "@proven-seat/core/basis/units";
import type { TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";
import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { sentenceOf } from "../../parts/tag-sentence.ts";
import { type ReadingUnits, verdictText } from "../../parts/verdict-words.ts";
import { markedStations } from "../../stations/index.ts";

/** Columns shared by the heading and the rows, one for each station with a mark. */
export const columns = "grid items-center gap-x-2 px-6";
export const columnWidths = {
  gridTemplateColumns: `6.5rem minmax(8rem,12rem) 6rem 2.4rem 4.6rem repeat(${markedStations.length},2.5rem) minmax(12rem,1fr)`,
};

interface Props {
  row: TagRow;
  marks: TagMarks | null;
  /** Null while it is still being read. */
  summary: TagSummary | null;
  units: ReadingUnits;
  current: boolean;
  onCurrent: () => void;
}

export function TagLine({ row, marks, summary, units, current, onCurrent }: Props) {
  const address = useAddress();
  const sentence = sentenceOf(summary, units, marks !== null);
  return (
    <div
      role="row"
      className={`${columns} h-[30px] border-b border-rule/60 ${current ? "bg-second" : ""}`}
      style={columnWidths}
      aria-selected={current}
    >
      <span role="gridcell" className="truncate">
        <Link
          to={address(`/tags/${row.id}`)}
          tabIndex={current ? 0 : -1}
          data-row={row.id}
          onFocus={onCurrent}
          className="font-semibold hover:underline"
          title={row.number}
        >
          {row.number}
        </Link>
      </span>
      <span role="gridcell" className="truncate" title={row.service}>
        {row.service}
      </span>
      <span role="gridcell" className="truncate text-dim" title={row.unit}>
        {row.unit}
      </span>
      <span role="gridcell" className="figures text-right">
        {row.dn === null ? "–" : sizeText(row.dn, units).replace(/^(DN|NPS) /, "")}
      </span>
      <span role="gridcell" className="truncate">
        {row.lineDesignation ?? "–"}
      </span>
      {markedStations.map(({ id, verdict: verdictOf, text }) => {
        const verdict = verdictOf(row, marks);
        const instead = text?.(row);
        return (
          <span role="gridcell" key={id} className="flex justify-center">
            {instead ? (
              <span className="figures text-holds">{instead}</span>
            ) : verdict ? (
              <BoreMark verdict={verdict} />
            ) : (
              <span className="text-dim">·</span>
            )}
          </span>
        );
      })}
      <span
        role="gridcell"
        className={`truncate ${verdictText[sentence.verdict]} ${sentence.verdict === "holds" ? "" : "font-medium"}`}
        title={sentence.text}
      >
        {row.choice ? "" : marks && marks.standing > 0 ? <span className="text-dim">open · </span> : ""}
        {sentence.text}
      </span>
    </div>
  );
}
