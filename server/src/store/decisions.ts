import type { EntityManager } from "@mikro-orm/postgresql";
import { PinnedBasis } from "./entities/bases.ts";

/** New basis of a project, and the reason. */
interface Decision {
  readonly project: string;
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
  readonly reason: string;
  readonly at: Date;
  readonly by: string;
}

/** Adds a decision to the history. If two are added at once, one fails: the number is part of the key. */
export async function keepDecision(
  em: EntityManager,
  { project, at: time, by, ...decision }: Decision,
): Promise<void> {
  const [last] = await em.find(
    PinnedBasis,
    { projectId: project },
    { orderBy: { number: "desc" }, limit: 1, disableIdentityMap: true },
  );
  await em.insert(PinnedBasis, {
    ...decision,
    projectId: project,
    number: (last?.number ?? 0) + 1,
    createdAt: time,
    createdBy: by,
  });
}
