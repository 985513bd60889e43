import {
  type HouseRuleId,
  type HouseRules,
  houseRuleDefinitions,
  houseRuleGroups,
} from "@proven-seat/core/basis/house";
import type { ReactNode } from "react";

interface Props {
  wanted: string;
  /** Only rules whose value is not the default. */
  differing: boolean;
  draft: HouseRules;
  children: (id: HouseRuleId) => ReactNode;
}

/** All words by which a rule can be found. */
const wordsOf = (id: HouseRuleId, group: string) => {
  const { label, reason, ...rule } = houseRuleDefinitions[id];
  const more = rule.kind === "number" ? rule.unit : rule.options.join(" ");
  return `${id} ${label} ${reason} ${more} ${group}`.toLowerCase();
};

/** The rules by subject, filtered by the search. */
export function RuleList({ wanted, differing, draft, children }: Props) {
  const sought = wanted.trim().toLowerCase();
  const groups = houseRuleGroups
    .map(({ name, ids }) => ({
      name,
      all: ids.length,
      ids: ids.filter(
        (id) =>
          wordsOf(id, name).includes(sought) &&
          !(differing && draft[id] === houseRuleDefinitions[id].default),
      ),
    }))
    .filter(({ ids }) => ids.length > 0);
  return (
    <section aria-label="Rules" className="overflow-auto py-3 pr-4 pl-6">
      <p className="mb-2 text-dim">
        Limits and preferences of this organisation, for questions on which practice differs.
      </p>
      {groups.length === 0 && (
        <p>
          {sought !== ""
            ? `No house rule matches "${wanted.trim()}"${differing ? " and differs from its default" : ""}.`
            : "Every house rule has its default value."}
        </p>
      )}
      {groups.map(({ name, ids, all: count }) => (
        <section key={name} aria-label={name} className="mb-4">
          <h2 className="border-b border-ink pb-0.5">
            {name}{" "}
            <span className="font-normal text-dim">
              {ids.length < count ? `${ids.length} of ${count}` : count}
            </span>
          </h2>
          <ul>{ids.map(children)}</ul>
        </section>
      ))}
    </section>
  );
}
