/** Rights in the database: set at every start, by the role that created the cluster. */
import pg from "pg";
import { type Access, roles, urlFor } from "./keys.ts";

const timeouts = {
  statement_timeout: "30s",
  lock_timeout: "5s",
  idle_in_transaction_session_timeout: "30s",
};

/** Tables and functions of an earlier release with a single role pass to the owner. */
const passToOwner = `do $$ declare one record; begin
  for one in
    select format('alter table public.%I owner to ${roles.owner}', tablename) as sql
      from pg_tables where schemaname = 'public' and tableowner <> '${roles.owner}'
    union all
    select format('alter function public.%I(%s) owner to ${roles.owner}', p.proname, pg_get_function_identity_arguments(p.oid))
      from pg_proc p join pg_roles r on r.oid = p.proowner
      where p.pronamespace = 'public'::regnamespace and r.rolname <> '${roles.owner}'
  loop execute one.sql; end loop;
end $$`;

async function asKeeper<T>(access: Access, database: string, work: (c: pg.Client) => Promise<T>) {
  const client = new pg.Client({ connectionString: urlFor(access, "keeper", database) });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Creates the roles, or resets their passwords to those of the key files. */
export function prepareRoles(access: Access): Promise<void> {
  return asKeeper(access, "postgres", async (client) => {
    for (const role of ["owner", "application"] as const) {
      const { rowCount } = await client.query("select 1 from pg_roles where rolname = $1", [roles[role]]);
      const rights = "login nosuperuser nocreatedb nocreaterole noreplication nobypassrls";
      await client.query(
        `${rowCount === 0 ? "create" : "alter"} role ${roles[role]} ${rights} password '${access.keys[role]}'`,
      );
    }
    for (const [name, value] of Object.entries(timeouts))
      await client.query(`alter role ${roles.application} set ${name} = '${value}'`);
  });
}

/**
 * Creates a database if it does not exist; only the owner and named roles have access.
 *
 * @param template database to copy; nobody may be connected to it
 */
export async function prepareDatabase(
  access: Access,
  name: string,
  template: string = "template1",
): Promise<void> {
  await asKeeper(access, "postgres", async (client) => {
    const { rowCount } = await client.query("select 1 from pg_database where datname = $1", [name]);
    if (rowCount === 0)
      await client.query(`create database ${name} owner ${roles.owner} template ${template}`);
    await client.query(`alter database ${name} owner to ${roles.owner}`);
    await client.query(`revoke all on database ${name} from public`);
    await client.query(`grant connect on database ${name} to ${roles.application}`);
  });
  await asKeeper(access, name, async (client) => {
    await client.query(passToOwner);
    await client.query(`alter schema public owner to ${roles.owner}`);
    await client.query("revoke all on schema public from public");
    await client.query(`grant usage on schema public to ${roles.application}`);
  });
}
