import type { Drift, DriftedSheet, DriftedTag, Project, ProvedBy } from "@proven-seat/contract";
import type { Reading } from "@proven-seat/core/basis/units";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import type { RuleStation } from "@proven-seat/core/judgement/rules";
import { useState } from "react";
import { useProject } from "../../app/project.ts";
import { useCatalogueVersions, useHouseRuleVersions } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { sentenceOf } from "../../parts/tag-sentence.ts";
import { findingGroups } from "../../stations/index.ts";
import { BasisBar } from "./basis-bar.tsx";
import { DriftList, type Row } from "./drift-list.tsx";
import { MoveOn } from "./move-on.tsx";
import { SheetBeside } from "./sheet-beside.tsx";
import { TagBeside } from "./tag-beside.tsx";
import { type Looked, useDrift } from "./use-drift.ts";

const nameOf = ({ catalogueRevision, houseRuleVersion, engine }: ProvedBy) =>
  `catalogue r${catalogueRevision}, house rules v${houseRuleVersion}, engine ${engine}`;

const sheetRow = (s: DriftedSheet): Row => ({
  id: s.id,
  name: `${s.number} ${s.revision}`,
  outcome: s.outcome,
  was: s.was as Row["was"],
  now: s.now as Row["now"],
  says:
    s.because ??
    [s.first && `${s.first.asks} ${s.first.now}`, s.acknowledged && "acknowledged"]
      .filter(Boolean)
      .join(", "),
});

/** Stations whose verdict changed; the limiting finding where none did. */
function turnedStations({ was, now }: DriftedTag, units: Reading): string {
  const verdictAt = (summary: TagSummary, id: RuleStation) =>
    (id === "duty" ? summary.duty : summary.stations?.[id]) ?? "not asked";
  const turned = findingGroups.filter(({ id }) => verdictAt(was, id) !== verdictAt(now, id));
  return turned.length > 0
    ? turned.map(({ id, name }) => `${name} ${verdictAt(now, id)}`).join(", ")
    : sentenceOf(now, units).text;
}

/** Changes in words, for the decision. */
function turns({ sheets, tags }: Drift): string {
  const countsText = (counts: Drift["tags"]["counts"]) =>
    `${counts["verdict changed"]} with changed verdict, ${counts["cannot be proved"]} no longer provable, ${counts["figures moved"]} with changed figures`;
  return `Tags: ${countsText(tags.counts)}. Sheets: ${countsText(sheets.counts)}.`;
}

/** Drift of issued sheets and of the list on another catalogue, other house rules or another engine, worst first. */
export function DriftRoom() {
  const project = useProject();
  // Another project starts afresh.
  return project ? <DriftOf key={project.id} project={project} /> : <Notice title="Comparing …" />;
}

function DriftOf({ project }: { project: Project }) {
  const units = useUnits();
  const catalogues = useCatalogueVersions();
  const rules = useHouseRuleVersions();
  const [chosen, setChosen] = useState<Looked | null>(null);
  // A revision imported with a project is used by that project only.
  const catalogue = catalogues.data?.find(({ broughtIn }) => !broughtIn);
  const house = rules.data?.find(({ broughtIn }) => !broughtIn);
  const newest =
    catalogue && house ? { catalogueRevision: catalogue.revision, houseRuleVersion: house.version } : null;
  const looked = chosen ?? newest;
  const { drift, underWay, trouble, prove, cancel } = useDrift(project.id, looked);
  const [picked, setPicked] = useState<string | null>(null);
  const [moving, setMoving] = useState(false);
  const known = drift.data;
  const first = known?.sheets.rows[0]?.id ?? known?.tags.rows[0]?.id ?? null;
  const drifted = [...(known?.sheets.rows ?? []), ...(known?.tags.rows ?? [])];
  const open = drifted.find(({ id }) => id === picked) ?? drifted.find(({ id }) => id === first);
  /** The row before or after, in both lists. */
  const step = (by: number) => {
    const next = drifted[drifted.findIndex(({ id }) => id === open?.id) + by];
    if (next === undefined) return;
    setPicked(next.id);
    document.querySelector<HTMLElement>(`[data-drifted="${next.id}"]`)?.focus();
  };
  useShortcuts({
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
    j: () => step(1),
    k: () => step(-1),
  });

  const error = catalogues.error ?? rules.error ?? drift.error;
  if (error) return <Notice title="The drift could not be loaded">{error.message}</Notice>;
  if (!looked || !known) return <Notice title="Comparing …" />;
  const tagRow = (t: DriftedTag): Row => ({
    id: t.id,
    name: t.number,
    outcome: t.outcome,
    was: t.was.verdict,
    now: t.outcome === "cannot be proved" ? null : t.now.verdict,
    says: turnedStations(t, units),
  });
  const isSheet = (drifted: DriftedSheet | DriftedTag): drifted is DriftedSheet => "revision" in drifted;
  return (
    <div className="grid h-full grid-rows-[auto_minmax(0,1fr)]">
      <InStatus>
        {known.from
          ? `tags compared with ${nameOf(known.from)}`
          : "no earlier proof to compare the tags with"}
      </InStatus>
      <BasisBar
        pinned={project}
        looked={looked}
        onLook={setChosen}
        unproved={known.sheets.unproved + known.tags.unproved}
        before={known.tags.before}
        underWay={underWay}
        trouble={trouble}
        onProve={() => void prove()}
        onCancel={() => void cancel()}
        onMoveOn={() => setMoving(true)}
      />
      <div className="grid min-h-0 grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
        <div className="overflow-auto border-r border-rule px-6 py-3">
          <DriftList
            title="Sheets in force"
            {...known.sheets}
            rows={known.sheets.rows.map(sheetRow)}
            nothing={
              known.sheets.unproved > 0
                ? `${known.sheets.unproved} not yet proved with these.`
                : "No sheet has been issued yet."
            }
            picked={open?.id ?? null}
            onPick={setPicked}
          />
          <DriftList
            title="Tags"
            {...known.tags}
            rows={known.tags.rows.map(tagRow)}
            nothing={
              known.tags.unproved + known.tags.before > 0
                ? `${Math.max(known.tags.unproved, known.tags.before)} not yet proved with both.`
                : "Nothing to compare: all tags were proved with the same catalogue, house rules and engine."
            }
            picked={open?.id ?? null}
            onPick={setPicked}
          />
        </div>
        <section aria-label="Old and new" className="overflow-auto px-6 py-3">
          {open === undefined ? (
            <Notice title="Nothing has drifted">
              Select another catalogue or other house rules above to see what would change.
            </Notice>
          ) : isSheet(open) ? (
            <SheetBeside sheet={open} looked={looked} />
          ) : (
            <TagBeside tag={open} from={known.from ? nameOf(known.from) : ""} to={nameOf(known.to)} />
          )}
        </section>
      </div>
      {moving && (
        <MoveOn project={project} to={looked} turns={turns(known)} onClose={() => setMoving(false)} />
      )}
    </div>
  );
}
