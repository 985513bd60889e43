import type { HouseRuleId, HouseRules } from "@proven-seat/core/basis/house";
import { houseRuleDefinitions } from "@proven-seat/core/basis/house";

interface Props {
  id: HouseRuleId;
  value: HouseRules[HouseRuleId];
  inForce: HouseRules[HouseRuleId];
  /** As typed, while it is not a number or out of range. */
  typed: string | undefined;
  fault: string | undefined;
  onChange: (text: string) => void;
}

/** One rule: name, reason, range, default and present value. */
export function RuleRow({ id, value, inForce, typed, fault, onChange }: Props) {
  const rule = houseRuleDefinitions[id];
  const changed = typed !== undefined || value !== inForce;
  const range =
    rule.kind === "number" ? `${rule.minimum} … ${rule.maximum} ${rule.unit}` : rule.options.join(" · ");
  return (
    <li
      className={`grid grid-cols-[13rem_11rem_minmax(0,1fr)] items-baseline gap-x-4 border-b border-rule/60 py-1 ${changed ? "bg-second" : ""}`}
    >
      <label htmlFor={`rule-${id}`} className="pl-1 font-semibold">
        {rule.label}
      </label>
      <span>
        {rule.kind === "number" ? (
          <span className="flex items-baseline gap-1">
            <input
              id={`rule-${id}`}
              className="field figures w-20! border-b-rule! text-right"
              inputMode="decimal"
              value={typed ?? String(value)}
              aria-invalid={fault !== undefined}
              aria-describedby={`about-${id}`}
              onChange={(e) => onChange(e.target.value)}
            />
            <span className="text-dim">{rule.unit}</span>
          </span>
        ) : (
          <select
            id={`rule-${id}`}
            className="field border-b-rule!"
            value={String(value)}
            aria-describedby={`about-${id}`}
            onChange={(e) => onChange(e.target.value)}
          >
            {rule.options.map((o) => (
              <option key={o}>{o}</option>
            ))}
          </select>
        )}
        {fault && (
          <span role="alert" className="block text-[12px] text-fails">
            {fault}
          </span>
        )}
      </span>
      <span id={`about-${id}`} className="text-[12px] text-dim">
        {rule.reason}{" "}
        <span className="whitespace-nowrap">
          ({range}; default {String(rule.default)}
          {changed && `; in force ${String(inForce)}`})
        </span>
      </span>
    </li>
  );
}
