import type { DriftedTag } from "@proven-seat/contract";
import { countsText, type TagSummary } from "@proven-seat/core/judgement/proof";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { sentenceOf } from "../../parts/tag-sentence.ts";
import { findingGroups } from "../../stations/index.ts";

interface Line {
  readonly name: string;
  readonly cellOf: (summary: TagSummary) => ReactNode;
  /** Two that say the same are not brought out. */
  readonly key: (summary: TagSummary) => unknown;
}

/** A tag of the list by both. */
export function TagBeside({ tag, from, to }: { tag: DriftedTag; from: string; to: string }) {
  const address = useAddress();
  const units = useUnits();
  const lines: readonly Line[] = [
    ...findingGroups.map(({ id, name }): Line => {
      const verdict = (s: TagSummary) => (id === "duty" ? s.duty : (s.stations?.[id] ?? "not asked"));
      return {
        name,
        key: verdict,
        cellOf: (s) => (
          <span className="flex items-center gap-1.5">
            <BoreMark verdict={verdict(s)} label={false} />
            {verdict(s)}
          </span>
        ),
      };
    }),
    { name: "Candidates", key: countsText, cellOf: countsText },
    { name: "Valve", key: (s) => s.valve?.key, cellOf: (s) => s.valve?.name ?? "none" },
    {
      name: "Limited by",
      key: (s) => sentenceOf(s, units).text,
      cellOf: (s) => sentenceOf(s, units).text,
    },
  ];
  return (
    <>
      <h2>{tag.number}</h2>
      <p className="mb-3 text-dim">
        <Link className="underline" to={address(`/tags/${tag.id}`)}>
          Open the tag
        </Link>
      </p>
      <table className="w-full table-fixed text-left">
        <thead className="text-dim">
          <tr className="border-b border-rule">
            <th className="w-1/5 py-1 font-normal" />
            <th className="py-1 pr-3 font-normal">{from}</th>
            <th className="py-1 font-normal">{to}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ name, cellOf, key }) => {
            const same = key(tag.was) === key(tag.now);
            return (
              <tr key={name} className={`border-b border-rule/60 align-top ${same ? "text-dim" : ""}`}>
                <td className="py-1 pr-3">{name}</td>
                <td className="py-1 pr-3">{cellOf(tag.was)}</td>
                <td className={`py-1 ${same ? "" : "font-medium"}`}>{cellOf(tag.now)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
