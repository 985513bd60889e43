import { useState } from "react";
import { Link } from "react-router";
import { inProject, useProject } from "../../app/project.ts";
import { useNewestHouseRules } from "../../app/queries.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { DailyCopies } from "./daily-copies.tsx";
import { FlipList } from "./flip-list.tsx";
import { useFlips } from "./flips.ts";
import { PutInForce } from "./put-in-force.tsx";
import { RuleList } from "./rule-list.tsx";
import { RuleRow } from "./rule-row.tsx";
import { ruleIds, useEdits } from "./use-edits.ts";
import { Versions } from "./versions.tsx";

/** Every house rule: default, range, reason, versions, and the effect of a change. */
export function HouseRoom() {
  const house = useNewestHouseRules();
  const project = useProject();
  const [wanted, setWanted] = useState("");
  const [differing, setDiffering] = useState(false);
  const inForce = house.data?.values;
  const { edits, faults, faulty, draft, changed, change, takeUp, leave } = useEdits(inForce);
  const flips = useFlips(changed.length > 0 ? draft : null);
  if (house.error) return <Notice title="The house rules could not be loaded">{house.error.message}</Notice>;
  if (!house.data || !inForce || !draft) return <Notice title="Loading the house rules …" />;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_380px]">
      <InHeader>
        <input
          className="field max-w-44 border-b-rule!"
          type="search"
          aria-label="Find a house rule"
          placeholder="Find by name, reason or unit"
          value={wanted}
          onChange={(e) => setWanted(e.target.value)}
        />
        <label className="flex items-center gap-1.5 whitespace-nowrap">
          <input type="checkbox" checked={differing} onChange={(e) => setDiffering(e.target.checked)} />
          changed from default only
        </label>
        <span className="truncate text-dim" title={house.data.reason}>
          version {house.data.version} in force: {house.data.reason}
        </span>
        {project && project.houseRuleVersion !== house.data.version && (
          <Link className="whitespace-nowrap underline" to={inProject(project, "/drift")}>
            {project.name} uses v{project.houseRuleVersion}
          </Link>
        )}
      </InHeader>
      <InStatus>
        {changed.length === 0 ? `${ruleIds.length} rules` : `${changed.length} changed, not saved`}
      </InStatus>
      <RuleList wanted={wanted} differing={differing} draft={draft}>
        {(id) => (
          <RuleRow
            key={id}
            id={id}
            value={draft[id]}
            inForce={inForce[id]}
            typed={edits[id]}
            fault={faults[id]}
            onChange={(text) => change(id, text)}
          />
        )}
      </RuleList>
      <aside className="flex min-h-0 flex-col gap-4 overflow-auto border-l border-rule px-4 py-3">
        {(changed.length > 0 || faulty) && (
          <PutInForce
            house={house.data}
            draft={draft}
            ready={!faulty && changed.length > 0}
            onLeave={leave}
          />
        )}
        <section aria-label="Effect of a change">
          <h2 className="mb-1">Effect of the change</h2>
          <FlipList flips={flips} changed={changed.length} />
        </section>
        <section aria-label="Versions">
          <h2 className="mb-1">Versions</h2>
          <Versions onTakeUp={takeUp} />
        </section>
        <section aria-label="Daily copies">
          <h2 className="mb-1">Daily copies</h2>
          <DailyCopies />
        </section>
      </aside>
    </div>
  );
}
