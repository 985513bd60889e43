import type { HouseRuleVersion } from "@proven-seat/contract";
import { type HouseRuleId, type HouseRules, houseRuleDefinitions } from "@proven-seat/core/basis/house";
import { useMemo, useState } from "react";
import { ruleFault } from "./rule-fault.ts";

export const ruleIds = Object.keys(houseRuleDefinitions) as HouseRuleId[];

/** Unsaved edits of the house rules: texts as typed, their faults, and the rules they give. */
export function useEdits(inForce: HouseRules | undefined) {
  const [edits, setEdits] = useState<Readonly<Partial<Record<HouseRuleId, string>>>>({});
  const faults = useMemo(
    () =>
      Object.fromEntries(
        ruleIds.map((id) => [id, edits[id] === undefined ? undefined : ruleFault(id, edits[id])]),
      ),
    [edits],
  );
  const draft = useMemo((): HouseRules | null => {
    if (!inForce) return null;
    const next: Record<string, unknown> = { ...inForce };
    for (const id of ruleIds) {
      const text = edits[id];
      if (text === undefined || faults[id]) continue;
      next[id] = houseRuleDefinitions[id].kind === "number" ? Number(text.replace(",", ".")) : text;
    }
    return next as HouseRules;
  }, [inForce, edits, faults]);
  return {
    edits,
    faults,
    faulty: Object.values(faults).some(Boolean),
    draft,
    changed: draft && inForce ? ruleIds.filter((id) => draft[id] !== inForce[id]) : [],
    change: (id: HouseRuleId, text: string) =>
      setEdits(({ [id]: _, ...rest }) => (text === String(inForce?.[id]) ? rest : { ...rest, [id]: text })),
    takeUp: ({ values }: HouseRuleVersion) =>
      setEdits(
        Object.fromEntries(
          ruleIds.filter((id) => values[id] !== inForce?.[id]).map((id) => [id, String(values[id])]),
        ),
      ),
    leave: () => setEdits({}),
  };
}
