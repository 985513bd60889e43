import type { Block } from "@proven-seat/core/outcome/documents";
import type { ComponentType } from "react";
import { BoreMark } from "../parts/bore-mark.tsx";
import { verdictText } from "../parts/verdict-words.ts";
import { DrawingView } from "./drawn.tsx";

type Of<Kind extends Block["kind"]> = Extract<Block, { kind: Kind }>;

function Pairs({ groups }: Of<"pairs">) {
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-6">
      {groups.map(({ name, pairs }) => (
        <section key={name} aria-label={name}>
          <h3>{name}</h3>
          <dl className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-x-3">
            {pairs.map(([label, value]) => (
              <div key={label} className="contents">
                <dt className="text-dim">{label}</dt>
                <dd>{value}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

function Table({ name, columns, rows }: Of<"table">) {
  return (
    <table className="mt-3 w-full text-left">
      <caption className="text-left font-semibold">{name}</caption>
      <thead className="text-dim">
        <tr className="border-b border-rule">
          {columns.map(({ heading, figures }) => (
            <th key={heading} className={`font-normal ${figures ? "text-right" : ""}`}>
              {heading}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row[0]}>
            {columns.map(({ heading, figures }, index) => (
              <td key={heading} className={figures ? "figures text-right" : ""}>
                {row[index]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function VerdictLine({ verdict, says, counts, warning, notes }: Of<"verdict">) {
  return (
    <section aria-label="Verdict" className="mt-3 border-y border-rule py-2">
      <p className="flex items-center gap-2">
        <BoreMark verdict={verdict} size={18} />
        <strong className={verdictText[verdict]}>{verdict}</strong>
        <span>{says}</span>
      </p>
      <p className="text-dim">{counts}</p>
      {warning !== null && <p className="mt-1 border-l-2 border-fails pl-2 font-semibold">{warning}</p>}
      {notes !== "" && <p className="mt-1 whitespace-pre-wrap">Notes: {notes}</p>}
    </section>
  );
}

function Cautions({ words }: Of<"cautions">) {
  return (
    <section aria-label="Cautions" className="mt-3">
      <h3>Cautions</h3>
      <ul className="grid grid-cols-2 gap-x-6 gap-y-1 text-[12px]">
        {words.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </section>
  );
}

function Pictures({ pictures }: Of<"pictures">) {
  return (
    <div
      className="mt-3 grid gap-4"
      style={{ gridTemplateColumns: `repeat(${pictures.length}, minmax(0, 1fr))` }}
    >
      {pictures.map(({ name, drawing, caption }) => (
        <figure key={name} aria-label={name}>
          <h3>{name}</h3>
          <DrawingView drawing={drawing} />
          <figcaption className="text-[11px] text-dim">{caption}</figcaption>
        </figure>
      ))}
    </div>
  );
}

function Signatures({ lines }: Of<"signatures">) {
  return (
    <div
      className="mt-8 grid gap-4"
      style={{ gridTemplateColumns: `repeat(${lines.length}, minmax(0, 1fr))` }}
    >
      {lines.map(({ role, by }) => (
        <p key={role} className="border-t border-rule text-[12px]">
          <span className="text-dim">{role}</span> {by}
        </p>
      ))}
    </div>
  );
}

function Findings({ groups, notAsked }: Of<"findings">) {
  const count = groups.reduce((sum, { rows }) => sum + rows.length, 0);
  return (
    <details className="mt-4 border-t border-rule pt-2">
      <summary className="cursor-pointer">
        {count} findings in the annex, {notAsked.length} not applicable
      </summary>
      {groups.map(({ name, rows }) => (
        <section key={name} aria-label={`Findings, ${name}`}>
          <h3 className="mt-2 border-b border-rule">{name}</h3>
          <ul>
            {rows.map((row) => (
              <li
                key={row.rule}
                className="grid grid-cols-[18px_minmax(0,1fr)_minmax(0,1.4fr)_4rem_minmax(0,0.7fr)] items-baseline gap-x-2 py-0.5"
              >
                <span className="self-center">
                  <BoreMark verdict={row.verdict} />
                </span>
                <span>{row.asks}</span>
                <span className="figures">{row.figures}</span>
                <span className="figures text-right">{row.margin}</span>
                <span className="text-dim">{row.caseName}</span>
                <span className="col-span-4 col-start-2 text-[11px] text-dim">{row.small}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {notAsked.length > 0 && (
        <p className="mt-2 text-[12px] text-dim">
          Not applicable to this duty or valve: {notAsked.join(" · ")}
        </p>
      )}
    </details>
  );
}

const draws: { readonly [Kind in Block["kind"]]: ComponentType<Of<Kind>> } = {
  pairs: Pairs,
  remark: ({ words }) => <p className="mt-1 text-[12px] text-dim">{words}</p>,
  table: Table,
  verdict: VerdictLine,
  // On screen there is one already.
  code: ({ says, address, more }) => (
    <p className="mt-1 text-[12px] text-dim">
      {says} {address} {more}
    </p>
  ),
  cautions: Cautions,
  pictures: Pictures,
  signatures: Signatures,
  findings: Findings,
};

/** A block of any kind. */
export function BlockView({ block }: { block: Block }) {
  const Draw = draws[block.kind] as ComponentType<Block>;
  return <Draw {...block} />;
}
