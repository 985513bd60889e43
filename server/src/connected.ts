import type { MikroORM } from "@mikro-orm/postgresql";
import { databaseProblem } from "./http/database-problem.ts";
import { connect, migrationsOf } from "./store/orm.ts";

/** Ends a program with 75 when it lost its database: another try later may work (sysexits.h, EX_TEMPFAIL). */
export function endIfAway(error: unknown): never {
  if (databaseProblem(error)?.kind !== "database-away") throw error;
  process.stderr.write(`The database cannot be reached: ${(error as Error).message}\n`);
  process.exit(75);
}

/** The database of a program, at this release; ends the program with 2 and the reason where it is not. */
export async function connectedOrEnd(
  url: string | undefined,
): Promise<{ readonly orm: MikroORM; readonly url: string }> {
  const end = (says: string): never => {
    process.stderr.write(`${says}\n`);
    process.exit(2);
  };
  if (!url) return end("DATABASE_URL is not set. ./start sets up a database and this variable.");
  const orm = await connect(url).catch(endIfAway);
  const { pending } = await migrationsOf(orm).catch(endIfAway);
  if (pending === 0) return { orm, url };
  await orm.close(true);
  return end(`The database is ${pending} migrations behind this release. ./start brings it up to date.`);
}
