import { UniqueConstraintViolationException } from "@mikro-orm/core";
import { defaultHouseRules } from "@proven-seat/core/house";
import { currentCatalogue, currentHouseRules } from "../../store/current.ts";
import { HouseRuleVersion } from "../../store/entities/versions.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

type Stored = { version: number; values: unknown; reason: string; createdAt: Date; createdBy: string };
const presentRules = ({ createdAt, ...rest }: Stored) => ({ ...rest, createdAt: createdAt.toISOString() });

const stale = (version: number) =>
  new Problem(
    409,
    "stale",
    `House rules version ${version} is in force by now. Look at it before you change the rules.`,
  );

export function mountShelf(mount: Mount): void {
  mount("catalogue", async ({ em, response }) => {
    const { revision, digest, createdAt, createdBy, content } = await currentCatalogue(em);
    response.set("Cache-Control", "no-cache").set("ETag", `"${digest}"`);
    return { revision, digest, createdAt: createdAt.toISOString(), createdBy, catalogue: content };
  });

  mount("houseRules", async ({ em }) => presentRules(await currentHouseRules(em)));

  mount("houseRuleVersions", async ({ em }) => {
    const versions = await em.find(HouseRuleVersion, {}, { orderBy: { version: "desc" } });
    return versions.map(({ version, content, reason, createdAt, createdBy }) =>
      presentRules({
        version,
        values: { ...defaultHouseRules(), ...(content as object) },
        reason,
        createdAt,
        createdBy,
      }),
    );
  });

  mount("newHouseRules", async ({ em, body, user }) => {
    try {
      return await em.transactional(async (tx) => {
        const { version } = await currentHouseRules(tx);
        if (version !== body.basedOn) throw stale(version);
        const next = { version: version + 1, reason: body.reason, createdAt: new Date(), createdBy: user };
        tx.create(HouseRuleVersion, { ...next, content: body.values });
        await tx.flush();
        return presentRules({ ...next, values: body.values });
      });
    } catch (error) {
      if (error instanceof UniqueConstraintViolationException) throw stale(body.basedOn + 1);
      throw error;
    }
  });
}
