import type { HouseRuleVersion } from "@proven-seat/contract";
import { type HouseRuleId, type HouseRules, houseRuleDefinitions } from "@proven-seat/core/basis/house";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { call } from "../../app/api.ts";
import { inProject, useProject } from "../../app/project.ts";
import { queryClient, useNewestHouseRules } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { DailyCopies } from "./daily-copies.tsx";
import { FlipList } from "./flip-list.tsx";
import { useFlips } from "./flips.ts";
import { ruleFault } from "./rule-fault.ts";
import { RuleList } from "./rule-list.tsx";
import { RuleRow } from "./rule-row.tsx";
import { Versions } from "./versions.tsx";

const ids = Object.keys(houseRuleDefinitions) as HouseRuleId[];

/** Each number and school of the house: default, range, reason, versions, and what a change would turn. */
export function HouseRoom() {
  const house = useNewestHouseRules();
  const project = useProject();
  const [edits, setEdits] = useState<Readonly<Partial<Record<HouseRuleId, string>>>>({});
  const [wanted, setWanted] = useState("");
  const [differing, setDiffering] = useState(false);
  const [reason, setReason] = useState("");
  const [saving, setSaving] = useState<"no" | "yes" | string>("no");
  const inForce = house.data?.values;
  const faults = useMemo(
    () =>
      Object.fromEntries(
        ids.map((id) => [id, edits[id] === undefined ? undefined : ruleFault(id, edits[id])]),
      ),
    [edits],
  );
  const draft = useMemo((): HouseRules | null => {
    if (!inForce) return null;
    const next: Record<string, unknown> = { ...inForce };
    for (const id of ids) {
      const text = edits[id];
      if (text === undefined || faults[id]) continue;
      next[id] = houseRuleDefinitions[id].kind === "number" ? Number(text.replace(",", ".")) : text;
    }
    return next as HouseRules;
  }, [inForce, edits, faults]);
  const changed = draft && inForce ? ids.filter((id) => draft[id] !== inForce[id]) : [];
  const flips = useFlips(changed.length > 0 ? draft : null);
  const faulty = Object.values(faults).some(Boolean);
  if (house.error) return <Notice title="The house rules could not be read">{house.error.message}</Notice>;
  if (!house.data || !inForce || !draft) return <Notice title="Reading the house rules …" />;
  const change = (id: HouseRuleId, text: string) =>
    setEdits(({ [id]: _, ...rest }) => (text === String(inForce[id]) ? rest : { ...rest, [id]: text }));
  const takeUp = (version: HouseRuleVersion) =>
    setEdits(
      Object.fromEntries(
        ids.filter((id) => version.values[id] !== inForce[id]).map((id) => [id, String(version.values[id])]),
      ),
    );
  const save = async () => {
    setSaving("yes");
    try {
      await call("newHouseRules", {
        body: { values: draft, reason: reason.trim(), basedOn: house.data.version },
      });
      await Promise.all([
        queryClient.invalidateQueries({ queryKey: queryKeys.houseRules() }),
        queryClient.invalidateQueries({ queryKey: queryKeys.houseRuleVersions() }),
      ]);
      setEdits({});
      setReason("");
      setSaving("no");
    } catch (error) {
      setSaving((error as Error).message);
    }
  };
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_380px]">
      <InHeader>
        <h1 className="sr-only">House rules</h1>
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
          only what differs from default
        </label>
        <span className="truncate text-dim" title={house.data.reason}>
          version {house.data.version} in force: {house.data.reason}
        </span>
        {project && project.houseRuleVersion !== house.data.version && (
          <Link className="whitespace-nowrap underline" to={inProject(project, "/drift")}>
            {project.name} is proved by v{project.houseRuleVersion}
          </Link>
        )}
      </InHeader>
      <InStatus>
        {changed.length === 0 ? `${ids.length} rules` : `${changed.length} changed, not saved`}
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
        <section aria-label="What a change would turn">
          <h2 className="mb-1">What the change would turn</h2>
          <FlipList flips={flips} changed={changed.length} />
        </section>
        {(changed.length > 0 || faulty) && (
          <form
            className="grid gap-2 border-y border-rule py-3"
            onSubmit={(e) => {
              e.preventDefault();
              void save();
            }}
          >
            <label className="grid gap-1">
              <span>Why do the rules change?</span>
              <textarea
                className="border border-rule bg-lift p-1"
                rows={2}
                maxLength={500}
                required
                value={reason}
                onChange={(e) => setReason(e.target.value)}
              />
            </label>
            <p className="flex items-center gap-3">
              <button
                type="submit"
                className="act-first"
                disabled={faulty || changed.length === 0 || reason.trim() === "" || saving === "yes"}
              >
                Put version {house.data.version + 1} in force
              </button>
              <button type="button" className="quiet" onClick={() => setEdits({})}>
                leave as it was
              </button>
            </p>
            {saving !== "no" && saving !== "yes" && (
              <p role="alert" className="text-fails">
                {saving}
              </p>
            )}
          </form>
        )}
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
