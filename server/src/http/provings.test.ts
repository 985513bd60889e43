import type {
  Drift,
  Problem,
  Project,
  Proving,
  Tag,
  TagMarksRow,
  TagResult,
  TagRow,
} from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import type { SheetDrift } from "@proven-seat/core/judgement/proof";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { chooseBest, issueOf } from "../../test/issuing.ts";
import { provingEnded } from "../../test/proving.ts";
import { kinds } from "../provings/index.ts";

let server: TestServer;
let path: string;
beforeAll(async () => {
  server = await startTestServer();
  path = `/api/projects/${(await server.project()).id}`;
  await server.work();
});
afterAll(() => server.end());

const ask = (what: string, other: object = {}) =>
  server.ask<Proving & Problem>("POST", `${path}/provings`, { what, ...other });
const proved = async (what: string, other: object = {}) =>
  provingEnded(server, path, (await ask(what, other)).body);
const marks = async () => (await server.ask<TagMarksRow[]>("GET", `${path}/marks`)).body;
const drift = async (query = "") => (await server.ask<Drift>("GET", `${path}/drift${query}`)).body;
const houseRules = async (change: object, basedOn: number) =>
  (
    await server.ask<{ version: number }>("POST", "/api/house-rules", {
      values: { ...defaultHouseRules(), ...change },
      reason: "Tried",
      basedOn,
    })
  ).body.version;

describe("a list proved as a job", () => {
  it("is proved once, completely, and a repeated request reports nothing left", async () => {
    expect(await marks()).toEqual([]);
    const begun = await ask("list");
    expect(begun.status).toBe(201);
    expect(begun.body).toMatchObject({ what: "list", state: "under way", total: 64 });
    expect((await ask("list")).body.id).toBe(begun.body.id);
    expect(await provingEnded(server, path, begun.body)).toMatchObject({
      state: "done",
      total: 64,
      done: 64,
    });
    expect(await marks()).toHaveLength(64);
    const kept = () => server.sql("select count(*)::int as n from proving");
    const { rows } = await kept();
    expect((await ask("list")).body).toMatchObject({ state: "done", total: 0 });
    // A request with nothing to prove is not stored.
    expect((await kept()).rows).toEqual(rows);
  });
  it("gives the same result for a tag as the bench", async () => {
    const { id } = await server.tagNamed("XV-3052");
    const { body } = await server.ask<TagResult[]>("POST", `${path}/summaries`, { ids: [id] });
    expect(body).toHaveLength(1);
    const { summary } = body[0]!;
    const { duty } = await server.tagNamed("XV-3052");
    const whole = await server.ask<{ standing: number; candidates: { key: string }[] }>(
      "POST",
      "/api/prove",
      {
        duty,
        limit: 1,
      },
    );
    expect(summary.standing).toBe(whole.body.standing);
    expect(summary.valve!.key).toBe(whole.body.candidates[0]!.key);
    expect((await marks()).find((m) => m.id === id)!.marks).toEqual({
      duty: summary.duty,
      stations: summary.stations,
      verdict: summary.verdict,
      standing: summary.standing,
    });
  });
  it("proves again what changed, and nothing with the same inputs", async () => {
    const tag = await server.tagNamed("XV-3017");
    const progress = async () =>
      (await server.sql(`select proved_at, tag_version from tag_result where tag_id = '${tag.id}'`)).rows[0];
    const before = await progress();
    const renamed = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      service: "other",
    });
    expect(await proved("list")).toMatchObject({ state: "done", total: 1 });
    expect(await progress()).toEqual({ proved_at: before.proved_at, tag_version: renamed.body.version });
    const duty = { ...renamed.body.duty, dn: 50 };
    await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(renamed.body), duty });
    await proved("list");
    expect((await progress()).proved_at).not.toEqual(before.proved_at);
  });
  it("is taken from the top, tags with equal duties together", async () => {
    const { duty } = await server.tagNamed("XV-1004");
    const more = ["A-1", "ZZ-1", "ZZ-2"].map((number) => ({ number, service: "", unit: "", duty }));
    await server.ask("POST", `${path}/imports`, { tags: more });
    const numbers = new Map(
      (await server.everyPage<TagRow>(`${path}/tags`)).map(({ id, number }) => [id, number] as const),
    );
    const { id } = await server.project();
    const order = (await kinds.list.stale(server.orm.em, id, 0)).map((tag) => numbers.get(tag));
    expect(order.slice(0, 4)).toEqual(["A-1", "XV-1004", "ZZ-1", "ZZ-2"]);
    expect(order.slice(4)).toEqual([...order.slice(4)].sort());
    await proved("list");
    const { rows } = await server.sql(
      "select distinct r.summary from tag_result r join tag t on t.id = r.tag_id where t.number in ('A-1', 'XV-1004', 'ZZ-1', 'ZZ-2')",
    );
    expect(rows).toHaveLength(1);
    for (const number of ["A-1", "ZZ-1", "ZZ-2"]) {
      const { id: tag, version } = await server.tagNamed(number);
      await server.ask("DELETE", `/api/tags/${tag}?version=${version}`);
    }
  });
  it("is refused on a missing basis", async () => {
    expect((await ask("list", { houseRuleVersion: 99 })).status).toBe(422);
    expect((await ask("list", { catalogueRevision: 99 })).body.detail).toMatch(
      /revision 99 .* does not exist/,
    );
    expect((await ask("nothing")).status).toBe(422);
  });
  it("sends its progress as events", async () => {
    const gone = new AbortController();
    const live = await fetch(`${server.url}${path}/provings/live`, { signal: gone.signal });
    expect(live.headers.get("content-type")).toContain("text/event-stream");
    const reader = live.body!.getReader();
    const { value } = await reader.read();
    const event = JSON.parse(new TextDecoder().decode(value).replace(/^data: /, "")) as Proving[];
    expect(event.find((p) => p.what === "list")).toMatchObject({ state: "done" });
    gone.abort();
  });
});

describe("the basis of a project", () => {
  it("stays when house rules change, until a user updates it", async () => {
    const project = await server.project();
    expect(project).toMatchObject({ houseRuleVersion: 1 });
    const version = await houseRules({ serviceFactor: 1.8 }, 1);
    expect((await server.project()).houseRuleVersion).toBe(1);
    const asked = `?houseRuleVersion=${version}`;
    // Preview: the changes.
    expect((await drift(asked)).tags.unproved).toBe(64);
    await proved("list", { houseRuleVersion: version });
    const { tags, from, to } = await drift(asked);
    expect(from).toMatchObject({ houseRuleVersion: 1 });
    expect(to).toMatchObject({ houseRuleVersion: version });
    expect(tags.unproved).toBe(0);
    expect(Object.values(tags.counts).reduce((a, b) => a + b)).toBe(64);
    expect(tags.counts["verdict changed"]).toBeGreaterThan(0);
    expect(tags.rows.map((r) => r.grave)).toEqual(tags.rows.map((r) => r.grave).sort((a, b) => b - a));
    // Nothing of it is in force yet.
    const before = await marks();
    const to2 = { houseRuleVersion: version, catalogueRevision: project.catalogueRevision };
    const move = (change: object = {}) =>
      server.ask<Project & Problem>("PUT", `${path}/basis`, {
        ...to2,
        reason: "Tighter margins",
        version: project.version,
        ...change,
      });
    expect((await move({ reason: " " })).status).toBe(422);
    expect((await move({ houseRuleVersion: 77 })).status).toBe(422);
    expect((await move({ version: project.version + 1 })).status).toBe(409);
    expect((await move()).body).toMatchObject({ houseRuleVersion: version, version: project.version + 1 });
    expect((await move({ version: project.version + 1 })).body.detail).toMatch(/already/);
    // Known already: nothing is proved again.
    expect((await ask("list")).body).toMatchObject({ state: "done", total: 0 });
    expect(await marks()).not.toEqual(before);
    const decisions = (await server.ask<{ reason: string }[]>("GET", `${path}/basis`)).body;
    expect(decisions.map((d) => d.reason)).toEqual(["Tighter margins", "At creation of the project"]);
    // Compared from now on with its earlier basis.
    expect((await drift()).from).toMatchObject({ houseRuleVersion: 1 });
  });
  it("is used for issued sheets, whatever is in force", async () => {
    const pinned = (await server.project()).houseRuleVersion;
    const chosen = await chooseBest(server, "XV-6020");
    await houseRules({ serviceFactor: 2, torqueMargin: 100 }, pinned);
    const sheet = await issueOf(server, chosen);
    expect(sheet.status).toBe(201);
    const { rows } = await server.sql(
      `select p.house_rule_version from sheet s join proof p on p.id = s.proof_id where s.id = '${sheet.body.id}'`,
    );
    expect(rows[0].house_rule_version).toBe(pinned);
  });
});

describe("a new engine", () => {
  it("leaves the old results for comparison, and counts none as its own", async () => {
    await proved("list");
    const before = await drift();
    const pinned = `catalogue_revision = ${before.to.catalogueRevision} and house_rule_version = ${before.to.houseRuleVersion}`;
    await server.sql(`update basis set engine = '0.0.9' where ${pinned}`);
    expect(await marks()).toEqual([]);
    const now = await drift();
    expect(now).toMatchObject({ from: { engine: "0.0.9" }, tags: { unproved: 64, before: 0 } });
    await proved("list");
    expect((await drift()).tags.counts).toMatchObject({ same: 64, "verdict changed": 0 });
    expect(await marks()).toHaveLength(64);
  });
});

describe("the drift of issued sheets", () => {
  it("lists the worst first, old beside new, and stores who acknowledged it", async () => {
    const { houseRuleVersion: pinned } = await server.project();
    const newest = pinned + 1;
    const asked = `?houseRuleVersion=${newest}`;
    expect((await drift(asked)).sheets).toMatchObject({ unproved: 1, rows: [] });
    expect(await proved("sheets", { houseRuleVersion: newest })).toMatchObject({ state: "done", total: 1 });
    const { sheets } = await drift(asked);
    expect(sheets.counts["verdict changed"]).toBe(1);
    const [row] = sheets.rows;
    expect(row).toMatchObject({
      number: "XV-6020",
      revision: "A",
      outcome: "verdict changed",
      acknowledged: null,
    });
    const beside = await server.ask<SheetDrift>("GET", `/api/sheets/${row!.id}/drift${asked}`);
    expect(beside.body.findings[0]!.was!.verdict).not.toBe(beside.body.findings[0]!.now!.verdict);
    expect((await server.ask("GET", `/api/sheets/${row!.id}/drift`)).body).toBeNull();
    const see = (reason: string) =>
      server.ask("POST", `/api/sheets/${row!.id}/drift`, { houseRuleVersion: newest, reason });
    expect((await see("")).status).toBe(422);
    expect((await see("Replaced at the next stop")).status).toBe(204);
    expect((await see("Again")).status).toBe(409);
    expect((await drift(asked)).sheets.rows[0]!.acknowledged).toMatchObject({
      reason: "Replaced at the next stop",
      by: "engineer",
    });
    // On the basis of issue it is the same.
    await proved("sheets");
    expect((await drift()).sheets).toMatchObject({ rows: [], counts: { same: 1 } });
  });
  it("refuses an invalid basis", async () => {
    for (const query of ["?houseRuleVersion=x", "?catalogueRevision=0", "?catalogueRevision=1e9"])
      expect((await server.ask("GET", `${path}/drift${query}`)).status).toBe(422);
  });
});
