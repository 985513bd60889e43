import type { HouseRuleVersion } from "@proven-seat/contract";
import { type HouseRuleId, houseRuleDefinitions } from "@proven-seat/core/basis/house";
import { useState } from "react";
import { useHouseRuleVersions } from "../../app/queries.ts";
import { day } from "../../parts/dates.ts";

const ids = Object.keys(houseRuleDefinitions) as HouseRuleId[];

function Difference({ version, against }: { version: HouseRuleVersion; against: HouseRuleVersion }) {
  const differing = ids.filter((id) => version.values[id] !== against.values[id]);
  if (differing.length === 0)
    return <p className="text-[12px] text-dim">The same as version {against.version}.</p>;
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 text-[12px]">
      {differing.map((id) => (
        <div key={id} className="contents">
          <dt className="text-dim">{houseRuleDefinitions[id].label}</dt>
          <dd className="figures">
            {String(against.values[id])} → {String(version.values[id])}
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** Every version that was in force, and how any two differ. */
export function Versions({ onTakeUp }: { onTakeUp: (version: HouseRuleVersion) => void }) {
  const versions = useHouseRuleVersions();
  const [open, setOpen] = useState<number | null>(null);
  const [against, setAgainst] = useState<number | null>(null);
  if (versions.error) return <p className="text-fails">{versions.error.message}</p>;
  if (!versions.data) return <p className="text-dim">Reading …</p>;
  const list = versions.data;
  return (
    <ol>
      {list.map((v, i) => {
        const other =
          list.find((o) => o.version === against && o.version !== v.version) ?? list[i + 1] ?? list[0]!;
        return (
          <li key={v.version} className="border-b border-rule/60 py-1">
            <button
              type="button"
              className="grid w-full grid-cols-[2rem_1fr_auto] text-left"
              aria-expanded={open === v.version}
              onClick={() => setOpen(open === v.version ? null : v.version)}
            >
              <span className="figures">v{v.version}</span>
              <span className="truncate" title={v.reason}>
                {v.reason}
              </span>
              <span className="text-[12px] text-dim">{day(v.createdAt)}</span>
            </button>
            {open === v.version && (
              <div className="mt-1 grid gap-1 pl-8">
                <label className="text-[12px] text-dim">
                  against{" "}
                  <select
                    className="border-b border-rule bg-transparent text-ink"
                    value={other.version}
                    onChange={(e) => setAgainst(Number(e.target.value))}
                  >
                    {list
                      .filter((o) => o.version !== v.version || list.length === 1)
                      .map((o) => (
                        <option key={o.version} value={o.version}>
                          version {o.version}
                        </option>
                      ))}
                  </select>
                </label>
                <Difference version={v} against={other} />
                <p className="text-[12px] text-dim">
                  put in force by {v.createdBy}
                  {i > 0 && (
                    <button type="button" className="quiet underline" onClick={() => onTakeUp(v)}>
                      use these values again
                    </button>
                  )}
                </p>
              </div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
