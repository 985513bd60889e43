/** Effects that concurrent writers may not have on each other. */
import type { Problem, Tag } from "@proven-seat/contract";
import { emptyDuty } from "@proven-seat/core/duty";
import pg from "pg";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { chooseBest, issueOf } from "../../test/issuing.ts";

let server: TestServer;
let path: string;
beforeAll(async () => {
  server = await startTestServer();
  path = `/api/projects/${(await server.project()).id}`;
});
afterAll(() => server.end());

const add = async (number: string) =>
  (await server.ask<Tag>("POST", `${path}/tags`, { number, duty: emptyDuty })).body;
const bring = (tags: object[], existing: "update" | "refuse" = "update") =>
  server.ask<Problem>("POST", `${path}/imports`, { tags, existing });
const row = (number: string, dn: number, more: object = {}) => ({
  number,
  service: "",
  unit: "",
  duty: { ...emptyDuty, dn },
  ...more,
});
const versionsOf = async (id: string) =>
  (await server.everyPage<{ version: number; duty: { dn: number | null } }>(`/api/tags/${id}/duties`)).map(
    ({ duty }) => duty.dn,
  );

describe("saves and lists at the same time", () => {
  it("keep every acknowledged save in the history, each with a version of its own", async () => {
    const tags = await Promise.all(Array.from({ length: 8 }, (_, i) => add(`XV-C${i}`)));
    const acknowledged = new Map<string, number[]>(tags.map(({ id }) => [id, []]));
    const save = async (tag: Tag) => {
      let current = tag;
      for (let dn = 15; dn < 40; dn++) {
        const answer = await server.ask<Tag & Problem>("PUT", `/api/tags/${tag.id}`, {
          ...editable(current),
          duty: { ...emptyDuty, dn: dn === 15 ? 20 : [25, 32, 40, 50, 65, 80][dn % 6] },
        });
        expect([200, 409]).toContain(answer.status);
        if (answer.status === 200) {
          acknowledged.get(tag.id)!.push(answer.body.version);
          current = answer.body;
        } else current = answer.body.current ?? current;
      }
    };
    const lists = async () => {
      for (let i = 0; i < 10; i++) {
        const answer = await bring(tags.map(({ number }) => row(number, [100, 150][i % 2]!)));
        expect([201, 409]).toContain(answer.status);
      }
    };
    await Promise.all([...tags.map(save), lists(), lists()]);
    for (const tag of tags) {
      const versions = acknowledged.get(tag.id)!;
      expect(new Set(versions).size).toBe(versions.length);
      const now = (await server.ask<Tag>("GET", `/api/tags/${tag.id}`)).body;
      // Every change of the duty, saved or imported, is a version of its own: none was overwritten.
      expect(await versionsOf(tag.id)).toHaveLength(now.dutyVersion);
      expect(now.version).toBeGreaterThanOrEqual(Math.max(...versions));
    }
  });
  it("let one of many who saw the same version save it, and inform the others", async () => {
    const tag = await add("XV-C30");
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: `writer ${i}` }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, ...new Array(19).fill(409)]);
  });
  it("make a list wait for a save in progress, and then refuse it", async () => {
    const tag = await add("XV-D1");
    const writer = new pg.Client({ connectionString: server.databaseUrl });
    await writer.connect();
    await writer.query("begin");
    await writer.query(`update tag set version = version + 1, service = 'saved' where id = '${tag.id}'`);
    const bringing = bring([row("XV-D1", 80, { version: tag.version })]);
    const waiting = "datname = current_database() and wait_event_type = 'Lock'";
    await expect
      .poll(
        async () =>
          (await server.sql(`select from pg_stat_activity where ${waiting}`, "application")).rowCount,
      )
      .toBe(1);
    await writer.query("commit");
    await writer.end();
    const listed = await bringing;
    expect(listed).toMatchObject({ status: 409, body: { type: "/problems/stale" } });
    expect((await server.ask<Tag>("GET", `/api/tags/${tag.id}`)).body.service).toBe("saved");
  });
  it("refuse a list based on an older state, with both versions in each row", async () => {
    const tag = await add("XV-C20");
    await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: "changed" });
    const answer = await bring([row("XV-C20", 80, { version: 1 })]);
    expect(answer).toMatchObject({
      status: 409,
      body: { type: "/problems/stale", errors: [{ field: "tags.0.version" }] },
    });
    expect(answer.body.errors![0]!.message).toMatch(/version 2.*version 1/);
    expect((await bring([row("XV-C20", 80, { version: 2 })])).status).toBe(201);
  });
  it("accept lists of the same new tags one after the other, or not at all", async () => {
    const list = Array.from({ length: 40 }, (_, i) => row(`XV-P${i}`, 50));
    const answers = await Promise.all([0, 1, 2, 3].map(() => bring(list, "refuse")));
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409, 409, 409]);
  });
  it("let a tag be added by hand while a list imports it, once", async () => {
    for (let i = 0; i < 5; i++) {
      const number = `XV-H${i}`;
      const answers = await Promise.all([
        server.ask("POST", `${path}/tags`, { number, duty: emptyDuty }),
        bring([row(number, 50)], "refuse"),
      ]);
      expect(answers.map((a) => a.status).sort()).toEqual([201, 409]);
    }
  });
});

describe("removing while others work on the same tag", () => {
  it("ends in an issued sheet or a removed tag, and in nothing half", async () => {
    for (const number of ["XV-1004", "XV-4007", "XV-5006"]) {
      const tag = await chooseBest(server, number);
      const [issued, removed] = await Promise.all([
        issueOf(server, tag),
        server.ask("DELETE", `/api/tags/${tag.id}?version=${tag.version}`),
      ]);
      expect([
        [201, 409],
        [404, 204],
      ]).toContainEqual([issued.status, removed.status]);
    }
  });
  it("does not remove what was saved meanwhile", async () => {
    const tag = await add("XV-R1");
    const [saved, removed] = await Promise.all([
      server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: "kept" }),
      server.ask("DELETE", `/api/tags/${tag.id}?version=${tag.version}`),
    ]);
    expect([
      [200, 409],
      [404, 204],
    ]).toContainEqual([saved.status, removed.status]);
  });
});

describe("tag numbers that look alike", () => {
  it.each(["xv-e1", "XV–E1", "XV\u200b-E1", " XV-E1 ", "ＸＶ-E1"])("%j is XV-E1", async (number) => {
    await server.ask("POST", `${path}/tags`, { number: "XV-E1", duty: emptyDuty });
    expect(await server.ask("POST", `${path}/tags`, { number, duty: emptyDuty })).toMatchObject({
      status: 409,
      body: { type: "/problems/number-taken" },
    });
    expect(await bring([row(number, 50)], "refuse")).toMatchObject({ status: 409 });
  });
  it("occur once in a list", async () => {
    const answer = await bring([row("XV-F1", 50), row("xv–f1", 80)]);
    expect(answer).toMatchObject({ status: 409, body: { errors: [{ field: "tags.1.number" }] } });
    expect(answer.body.detail).toContain("also as XV-F1");
  });
  it("update the existing tag, which keeps its own spelling", async () => {
    const tag = await add("XV-G1");
    expect((await bring([row("xv–g1", 80)])).body).toMatchObject({ added: 0, updated: 1 });
    expect((await server.ask<Tag>("GET", `/api/tags/${tag.id}`)).body).toMatchObject({
      number: "XV-G1",
      duty: { dn: 80 },
    });
  });
  it("may be respelled without becoming another tag's", async () => {
    const tag = await add("XV-K1");
    const saved = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, { ...editable(tag), number: "xv-k1" });
    expect(saved).toMatchObject({ status: 200, body: { number: "xv-k1" } });
  });
});
