import type { EntityManager } from "@mikro-orm/postgresql";
import type { Keeping } from "@proven-seat/contract";
import { KeptCopies } from "../store/entities/keeping.ts";
import { Refusal } from "./refusal.ts";

/** Current settings. */
export async function copySettings(em: EntityManager): Promise<Keeping> {
  const { copies, version } = await em.findOneOrFail(KeptCopies, { one: true }, { refresh: true });
  return { copies, version };
}

/** Changes them; a change based on outdated settings is refused. */
export async function changeCopySettings(
  em: EntityManager,
  { copies, version }: Keeping,
  user: string,
): Promise<Keeping> {
  const changed = { copies, version: version + 1, changedAt: new Date(), changedBy: user };
  if ((await em.nativeUpdate(KeptCopies, { version }, changed)) > 0) return { copies, version: version + 1 };
  const now = await copySettings(em);
  throw new Refusal(
    "stale",
    `Another user changed the value to ${now.copies} daily copies. Reload before you change it.`,
  );
}
