import { figuresOfRule, rules } from "@proven-seat/core/judgement/rules";
import { useDeferredValue, useMemo, useState } from "react";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import { findingGroups } from "../../stations/index.ts";

/** Every rule with its question, source, inputs and where it acts. */
export function RulesRoom() {
  const [wanted, setWanted] = useState("");
  const sought = useDeferredValue(wanted.trim().toLowerCase());
  const shown = useMemo(
    () =>
      rules.filter((r) =>
        `${r.id} ${r.asks} ${r.source} ${r.inputs.join(" ")}`.toLowerCase().includes(sought),
      ),
    [sought],
  );
  return (
    <Scroll label="Rules" className="h-full px-6 py-3">
      <InHeader>
        <input
          className="field max-w-80 border-b-rule!"
          type="search"
          aria-label="Find a rule"
          placeholder="Find by question, source or input"
          value={wanted}
          onChange={(e) => setWanted(e.target.value)}
        />
      </InHeader>
      <InStatus>
        {shown.length} of {rules.length} rules
      </InStatus>
      {shown.length === 0 && <p className="text-dim">No rule matches "{wanted}".</p>}
      {findingGroups.map(({ id: station, name }) => {
        const here = shown.filter((r) => r.id.startsWith(`${station}/`));
        if (here.length === 0) return null;
        return (
          <section key={station} aria-label={name} className="mb-5">
            <h2 className="border-b border-ink pb-0.5">
              {name} <span className="font-normal text-dim">{here.length}</span>
            </h2>
            <table className="w-full border-collapse text-left">
              <thead className="text-[12px] text-dim">
                <tr>
                  <th className="w-[20%] font-normal">asks</th>
                  <th className="w-[32%] font-normal">source</th>
                  <th className="w-[9%] font-normal">figures</th>
                  <th className="w-[25%] font-normal">inputs</th>
                  <th className="font-normal">depends on</th>
                </tr>
              </thead>
              <tbody>
                {here.map((r) => (
                  <tr key={r.id} className="border-b border-rule/60 align-baseline">
                    <td className="py-[3px] pr-3 font-semibold" title={r.id}>
                      {r.asks}
                    </td>
                    <td className="pr-3">{r.source}</td>
                    <td className="pr-3 text-dim">{figuresOfRule(r)}</td>
                    <td className="pr-3 text-dim">{r.inputs.join(", ")}</td>
                    <td className="text-dim">{r.dependsOn.join(", ") || "the duty only"}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
    </Scroll>
  );
}
