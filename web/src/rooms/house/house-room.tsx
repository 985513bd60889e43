import type { HouseRuleVersion } from "@proven-seat/contract";
import { type HouseRuleId, type HouseRules, houseRuleDefinitions } from "@proven-seat/core/house";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { call } from "../../app/api.ts";
import { queryClient, useHouseRules } from "../../app/queries.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Notice } from "../../parts/notice.tsx";
import { type Flips, useFlips } from "./flips.ts";
import { ruleFault } from "./rule-fault.ts";
import { RuleRow } from "./rule-row.tsx";
import { Versions } from "./versions.tsx";

const ids = Object.keys(houseRuleDefinitions) as HouseRuleId[];

function FlipList({ flips, changed }: { flips: Flips; changed: number }) {
  if (changed === 0)
    return (
      <p className="text-dim">
        Change a rule, and the tags it would turn are listed here before anything is saved.
      </p>
    );
  const { done, total } = flips;
  return (
    <div aria-busy={done < total}>
      <p className="mb-1 text-dim" role="status">
        {flips.trouble ??
          (done < total || total === 0
            ? `${done} of ${total} tags proved under both …`
            : flips.flips.length === 0
              ? `No tag turns: ${total} proved under both.`
              : `${flips.flips.length} of ${total} tags turn.`)}
      </p>
      <ul>
        {flips.flips.map((f) => (
          <li
            key={f.id}
            className="grid grid-cols-[5.2rem_18px_1rem_18px_minmax(0,1fr)] items-baseline gap-x-1 border-b border-rule/60 py-[2px]"
          >
            <Link className="font-semibold hover:underline" to={`/tags/${f.id}/duty`} title={f.service}>
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
              {f.standing[0] !== f.standing[1] && (
                <span className="figures">
                  {f.standing[0]} → {f.standing[1]} stand{" "}
                </span>
              )}
              <span className="text-dim">
                {f.from !== f.to ? f.because : ""}
                {f.instead !== null && `${f.from !== f.to ? "; " : ""}first then: ${f.instead}`}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Each number and school of the house: default, range, reason, versions, and what a change would turn. */
export function HouseRoom() {
  const house = useHouseRules();
  const [edits, setEdits] = useState<Readonly<Partial<Record<HouseRuleId, string>>>>({});
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
        queryClient.invalidateQueries({ queryKey: ["house-rules"] }),
        queryClient.invalidateQueries({ queryKey: ["house-rule-versions"] }),
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
        <span className="text-dim">
          version {house.data.version} in force: {house.data.reason}
        </span>
      </InHeader>
      <InStatus>
        {changed.length === 0 ? `${ids.length} rules` : `${changed.length} changed, not saved`}
      </InStatus>
      <section aria-label="Rules" className="overflow-auto py-3 pr-4 pl-6">
        <p className="mb-2 text-dim">
          Numbers and choices this organisation owns. Where practitioners differ, the difference lives here.
        </p>
        <ul>
          {ids.map((id) => (
            <RuleRow
              key={id}
              id={id}
              value={draft[id]}
              inForce={inForce[id]}
              typed={edits[id]}
              fault={faults[id]}
              onChange={(text) => change(id, text)}
            />
          ))}
        </ul>
      </section>
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
      </aside>
    </div>
  );
}
