import { UniqueConstraintViolationException } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { NewHouseRules, HouseRuleVersion as Whole } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import { storedHouseRules } from "@proven-seat/core/basis/house";
import { currentHouseRules } from "../store/current.ts";
import { HouseRuleVersion } from "../store/entities/versions.ts";
import { takeTurn } from "../store/locks.ts";
import { below, limitPlusOne, type Page, type PageAsked, pageOf } from "../store/page.ts";
import { houseRulesOf } from "../store/stored.ts";
import { Refusal } from "./refusal.ts";

interface Version {
  version: number;
  values: HouseRules;
  reason: string;
  broughtIn: boolean;
  createdAt: Date;
  createdBy: string;
}
const present = ({ createdAt, ...rest }: Version): Whole => ({ ...rest, createdAt: createdAt.toISOString() });

/** The rules in force. */
export const houseRulesInForce = async (em: EntityManager): Promise<Whole> =>
  present(await currentHouseRules(em));

/** Every version of the rules, newest first. */
export async function houseRuleVersions(em: EntityManager, page: PageAsked): Promise<Page<Whole>> {
  const found = await em.find(
    HouseRuleVersion,
    { version: { $lt: below(page) } },
    { orderBy: { version: "desc" }, limit: limitPlusOne(page) },
  );
  return pageOf(
    found,
    page,
    ({ version }) => version,
    ({ version, content, reason, broughtIn, createdAt, createdBy }) =>
      present({ version, values: houseRulesOf({ content }), reason, broughtIn, createdAt, createdBy }),
  );
}

/** One version of the rules. */
export async function houseRulesAt(em: EntityManager, number: string): Promise<Whole> {
  const version = Number(number);
  const known = Number.isInteger(version) && version > 0 && version < 2 ** 31;
  if (!known || (await em.count(HouseRuleVersion, { version })) === 0)
    throw new Refusal("not-there", `House rules version ${number} does not exist.`);
  return present(await currentHouseRules(em, version));
}

const stale = (version: number) =>
  new Refusal(
    "stale",
    `House rules version ${version} came into force in the meantime. Check it before you change the rules.`,
  );

/** Puts a new version in force; one based on an older version is refused. */
export async function putHouseRules(em: EntityManager, asked: NewHouseRules, user: string): Promise<Whole> {
  try {
    return await em.transactional(async (tx) => {
      // One by one: the version in force must not change while the next is numbered.
      await takeTurn(tx, "the next house rules");
      const { version } = await currentHouseRules(tx);
      if (version !== asked.basedOn) throw stale(version);
      const [last] = await tx.find(HouseRuleVersion, {}, { orderBy: { version: "desc" }, limit: 1 });
      const next = {
        version: last!.version + 1,
        reason: asked.reason,
        broughtIn: false,
        createdAt: new Date(),
        createdBy: user,
      };
      tx.create(HouseRuleVersion, { ...next, content: storedHouseRules(asked.values) });
      await tx.flush();
      return present({ ...next, values: asked.values });
    });
  } catch (error) {
    if (error instanceof UniqueConstraintViolationException) throw stale(asked.basedOn + 1);
    throw error;
  }
}
