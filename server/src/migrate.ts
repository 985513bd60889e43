/**
 * Brings the schema up to date, as the owner of the tables: the server itself has no right to. DATABASE_URL is the
 * owner's address, APPLICATION_ROLE the role the server connects as.
 */
import { endIfAway } from "./connected.ts";
import { setUpSchema } from "./store/rights.ts";

const { DATABASE_URL, APPLICATION_ROLE } = process.env;
if (!DATABASE_URL || !APPLICATION_ROLE) {
  process.stderr.write("DATABASE_URL and APPLICATION_ROLE are not set. ./start sets both.\n");
  process.exit(2);
}
await setUpSchema(DATABASE_URL, APPLICATION_ROLE).catch(endIfAway);
