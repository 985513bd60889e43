/** Checks every record of the database at DATABASE_URL and prints the result as JSON; ends with 1 on a fault. */
import type { EntityManager } from "@mikro-orm/postgresql";
import { connect } from "./store/orm.ts";
import { verifyStored } from "./work/verify-stored.ts";

const orm = await connect(process.env.DATABASE_URL ?? "");
try {
  const verified = await verifyStored(orm.em.fork() as EntityManager);
  process.stdout.write(`${JSON.stringify(verified)}\n`);
  if (verified.faults.length > 0) process.exitCode = 1;
} finally {
  await orm.close(true);
}
