import type { Draft, DraftRow, ImportResult, ListMemory, Problem, Tag, TagRow } from "@proven-seat/contract";
import { emptyDuty } from "@proven-seat/core/duty";
import { bestSheet, convertLineList, findTable, planFor } from "@proven-seat/core/duty/line-list";
import { readListFile } from "@proven-seat/core/duty/workbook";
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

const tag = (number: string, more: object = {}) => ({
  number,
  service: "",
  unit: "",
  duty: emptyDuty,
  ...more,
});
const content = {
  headings: ["Tag", "DN"],
  units: ["", ""],
  decimal: ".",
  rows: [
    { row: 7, cells: ["XV-L1", 55] },
    { row: 9, cells: ["XV-L2", "??"] },
  ],
  plan: [
    { heading: "Tag", field: "number", unit: null, confidence: 1, doubt: null },
    { heading: "DN", field: "dn", unit: "DN", confidence: 1, doubt: null },
  ],
  values: { dn: { "??": "50" } },
};
const bring = (body: unknown) => server.ask<ImportResult & Problem>("POST", `${path}/imports`, body);
const drafts = async () => (await server.ask<DraftRow[]>("GET", `${path}/drafts`)).body;

describe("remarks", () => {
  it("are imported with the list, stay when the duty is saved, and are limited", async () => {
    await bring({ tags: [tag("XV-R1", { remarks: { Paint: "red", Loop: "=7" } })] });
    const row = (await server.everyPage<TagRow>(`${path}/tags`)).find(({ number }) => number === "XV-R1")!;
    expect(row.remarks).toEqual({ Paint: "red", Loop: "=7" });
    const was = (await server.ask<Tag>("GET", `/api/tags/${row.id}`)).body;
    const saved = await server.ask<Tag>("PUT", `/api/tags/${row.id}`, { ...editable(was), service: "x" });
    expect(saved.body.remarks).toEqual({ Paint: "red", Loop: "=7" });
    const many = Object.fromEntries(Array.from({ length: 61 }, (_, n) => [`h${n}`, "x"]));
    for (const remarks of [many, { a: "x".repeat(1001) }, { a: 1 }])
      expect((await bring({ tags: [tag("XV-R2", { remarks })] })).status).toBe(422);
  });
});

describe("rows that wait", () => {
  it("are stored with the tags or not at all, and disappear when they are imported", async () => {
    expect((await bring({ tags: [tag("XV-R1")], later: { name: "a.csv", content } })).status).toBe(409);
    expect(await drafts()).toEqual([]);
    expect((await bring({ tags: [tag("XV-W1")], later: { name: "a.csv", content } })).status).toBe(201);
    const [draft] = await drafts();
    expect(draft).toMatchObject({ name: "a.csv", rows: 2 });
    const whole = (await server.ask<Draft>("GET", `${path}/drafts/${draft!.id}`)).body;
    expect(whole.content).toEqual(content);
    expect((await bring({ tags: [tag("XV-W2")], draft: draft!.id })).status).toBe(201);
    expect(await drafts()).toEqual([]);
    expect((await bring({ tags: [tag("XV-W3")], draft: draft!.id })).status).toBe(404);
    expect((await server.everyPage<TagRow>(`${path}/tags`)).some(({ number }) => number === "XV-W3")).toBe(
      false,
    );
  });
  it("may be everything in a list, and are discarded by hand", async () => {
    expect((await bring({ tags: [], later: { name: "b.csv", content } })).status).toBe(201);
    expect((await bring({ tags: [] })).status).toBe(422);
    const [draft] = await drafts();
    expect((await server.ask("DELETE", `${path}/drafts/${draft!.id}`)).status).toBe(204);
    expect((await server.ask("GET", `${path}/drafts/${draft!.id}`)).status).toBe(404);
    expect((await server.ask("GET", `${path}/drafts/nothing`)).status).toBe(404);
  });
});

describe("decisions on a list", () => {
  it("are remembered for lists with the same headings, the latest last", async () => {
    const address = `${path}/list-memories/abc`;
    expect((await server.ask("GET", address)).body).toBeNull();
    const memory = { plan: content.plan, values: content.values } as ListMemory;
    expect((await server.ask("PUT", address, memory)).body).toEqual(memory);
    // An impossible shape of a list has no memory, and causes no database failure.
    for (const shape of ["%00", "a%0Ab", "x".repeat(201)])
      for (const method of ["GET", "PUT"] as const)
        expect(
          (await server.ask(method, `${path}/list-memories/${shape}`, method === "PUT" ? memory : undefined))
            .status,
        ).toBe(404);
    expect((await server.ask("PUT", address, { ...memory, values: {} })).status).toBe(200);
    expect((await server.ask("GET", address)).body).toEqual({ ...memory, values: {} });
  });
});

describe("the workbook", () => {
  it("imports back to the same", async () => {
    const answer = await fetch(`${server.url}${path}/tags.xlsx`);
    expect(answer.headers.get("content-type")).toMatch(/spreadsheetml/);
    const { grids } = await readListFile(new Uint8Array(await answer.arrayBuffer()));
    const table = findTable(grids[bestSheet(grids)]!);
    const { tags, faults } = convertLineList(table, planFor(table));
    expect(faults).toEqual([]);
    const { body } = await bring({ tags, existing: "update" });
    expect(body).toEqual({ added: 0, updated: 0, unchanged: tags.length, removed: 0 });
  });
});

describe("tags missing from a revised list", () => {
  it("are removed at the version seen, all of them or none, and never with a sheet", async () => {
    await bring({ tags: ["XV-G1", "XV-G2", "XV-G3"].map((number) => tag(number)) });
    const rows = await server.everyPage<TagRow>(`${path}/tags`);
    const tagNamed = (number: string) => {
      const { id, version } = rows.find((row) => row.number === number)!;
      return { id, version };
    };
    const numbers = async () => (await server.everyPage<TagRow>(`${path}/tags`)).map(({ number }) => number);
    const stale = await bring({ tags: [], gone: [tagNamed("XV-G1"), { ...tagNamed("XV-G2"), version: 9 }] });
    expect(stale.status).toBe(409);
    expect(stale.body.detail).toMatch(/XV-G2 was changed or removed/);
    const issued = await chooseBest(server, "XV-3017");
    expect((await issueOf(server, issued)).status).toBe(201);
    const kept = await bring({
      tags: [tag("XV-G4")],
      gone: [tagNamed("XV-G1"), { id: issued.id, version: issued.version }],
    });
    expect(kept.status).toBe(409);
    expect(kept.body.detail).toMatch(/XV-3017 has issued sheets/);
    // A list of another project does not exist.
    expect(
      (await bring({ tags: [], gone: [{ id: "00000000-0000-4000-8000-000000000000", version: 1 }] })).status,
    ).toBe(409);
    expect(await numbers()).toEqual(expect.arrayContaining(["XV-G1", "XV-G2", "XV-3017"]));
    const done = await bring({ tags: [tag("XV-G4")], gone: [tagNamed("XV-G1"), tagNamed("XV-G3")] });
    expect(done.body).toEqual({ added: 1, updated: 0, unchanged: 0, removed: 2 });
    const now = await numbers();
    expect(now).toEqual(expect.arrayContaining(["XV-G2", "XV-G4"]));
    expect(now.some((number) => number === "XV-G1" || number === "XV-G3")).toBe(false);
    expect((await bring({ tags: [], gone: [] })).status).toBe(422);
  });
});
