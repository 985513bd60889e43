import { afterAll, beforeAll, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

it("tags of an earlier release that look alike all stay, and the oldest has the number", async () => {
  const owner = await server.asOwner();
  await owner.getMigrator().down({ to: "20261124100000_catalogue_reason" });
  const insert = (number: string, time: string) =>
    server.sql(`insert into tag (id, project_id, number, service, unit, duty, duty_version, version, created_at,
      created_by, updated_at, updated_by) select gen_random_uuid(), id, $t$${number}$t$, '', '', '{}', 1, 1, '${time}',
      'x', '${time}', 'x' from project`);
  await insert("xv-9'9?9", "2026-01-02");
  await insert("XV–9'9?9", "2026-01-01");
  await insert("XV-9\\8", "2026-01-01");
  await owner.getMigrator().up();
  const { rows } = await server.sql(
    "select number, number_key from tag where number like '%-9%' or number like '%–9%' order by created_at, number",
  );
  await owner.close(true);
  expect(rows.map((r) => [r.number, r.number_key.replace(/ ~ .*/, " ~")])).toEqual(
    expect.arrayContaining([
      ["XV–9'9?9", "XV-9'9?9"],
      ["xv-9'9?9", "XV-9'9?9 ~"],
      ["XV-9\\8", "XV-9\\8"],
    ]),
  );
});
