import { createHash } from "node:crypto";
import { gunzipSync, gzipSync } from "node:zlib";
import type { Problem, Project, ReproofAnswer, SheetRow, Tag, TagRow } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { emptyDuty } from "@proven-seat/core/duty";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { chooseBest, issueOf } from "../../test/issuing.ts";
import { provingEnded } from "../../test/proving.ts";
import { workOn } from "../../test/shop-work.ts";

let here: TestServer;
let there: TestServer;
let project: Project;
let file: Buffer<ArrayBuffer>;

const takenOut = async (server: TestServer, id: string) =>
  Buffer.from(await (await fetch(`${server.url}/api/projects/${id}/file`)).arrayBuffer());
const broughtIn = async (server: TestServer, bytes: Uint8Array<ArrayBuffer>, name?: string) => {
  const answer = await fetch(
    `${server.url}/api/project-files${name === undefined ? "" : `?name=${encodeURIComponent(name)}`}`,
    { method: "POST", headers: { "content-type": "application/gzip" }, body: bytes },
  );
  return { status: answer.status, body: (await answer.json()) as Project & Problem };
};
const linesOf = (bytes: Uint8Array) => gunzipSync(bytes).toString("utf8").trimEnd().split("\n");
/** A file of these lines, with a valid last line. */
const packed = (lines: readonly string[]): Buffer<ArrayBuffer> => {
  const text = lines.map((line) => `${line}\n`).join("");
  const counts: Record<string, number> = {};
  for (const line of lines.slice(1)) {
    const [name] = Object.keys(JSON.parse(line));
    counts[name!] = (counts[name!] ?? 0) + 1;
  }
  const digest = createHash("sha256").update(text).digest("hex");
  return gzipSync(`${text}${JSON.stringify({ end: { counts, digest } })}\n`) as Buffer<ArrayBuffer>;
};
const houseRules = async (server: TestServer, serviceFactor: number) => {
  const { body: now } = await server.ask<{ version: number }>("GET", "/api/house-rules");
  const { body } = await server.ask<{ version: number }>("POST", "/api/house-rules", {
    values: { ...defaultHouseRules(), serviceFactor },
    reason: `Factor ${serviceFactor}`,
    basedOn: now.version,
  });
  return body.version;
};
const moveTo = async (server: TestServer, houseRuleVersion: number) => {
  const now = await server.project();
  await server.ask("PUT", `/api/projects/${now.id}/basis`, {
    catalogueRevision: now.catalogueRevision,
    houseRuleVersion,
    reason: "Moved",
    version: now.version,
  });
};

const hotter = (duty: Tag["duty"]): Tag["duty"] => ({
  ...duty,
  cases: duty.cases.map((c) => ({ ...c, temperatureC: (c.temperatureC ?? 0) + 1 })),
});

beforeAll(async () => {
  here = await startTestServer();
  there = await startTestServer();
  await here.work();
  const path = `/api/projects/${(await here.project()).id}`;
  // Sheets by two versions of the house rules, one of them superseded, one with remarks and one acknowledged.
  const first = await chooseBest(here, "XV-3017");
  await issueOf(here, first);
  await issueOf(here, await chooseBest(here, "XV-3052"));
  await moveTo(here, await houseRules(here, 1.3));
  const tag = await here.tagNamed("XV-3017");
  await here.ask("PUT", `/api/tags/${tag.id}`, {
    ...editable(tag),
    duty: hotter(tag.duty),
  });
  const again = await issueOf(here, await here.tagNamed("XV-3017"));
  expect(again.status).toBe(201);
  const strict = await houseRules(here, 1.9);
  const begun = await here.ask<never>("POST", `${path}/provings`, {
    what: "sheets",
    houseRuleVersion: strict,
  });
  await provingEnded(here, path, begun.body);
  await here.ask("POST", `/api/sheets/${again.body.id}/drift`, { houseRuleVersion: strict, reason: "Seen" });
  await here.ask("POST", `${path}/imports`, {
    tags: [{ number: "Δ-1 “q”", service: "", unit: "", duty: emptyDuty, remarks: { "Bemerkung ä": "=1+1" } }],
    later: {
      name: "rest.csv",
      content: {
        headings: ["Tag"],
        units: [""],
        decimal: ".",
        rows: [{ row: 3, cells: ["?"] }],
        plan: [],
        values: {},
      },
    },
  });
  await here.ask("PUT", `${path}/list-memories/shape`, { plan: [], values: { ends: { X: "RF" } } });
  await workOn(here, await here.tagNamed("XV-1004"));
  project = await here.project();
  file = await takenOut(here, project.id);
});
afterAll(async () => {
  await here.end();
  await there.end();
});

/** Everything stored of a project, without ids and numbers that are newly created. */
async function stored(server: TestServer, id: string) {
  const rowsOf = async (sql: string) => (await server.sql(sql.replaceAll("$id", `'${id}'`))).rows;
  return {
    project: await rowsOf(
      "select note, defaults, numbering, unit_system, standards, archived, created_at, created_by from project where id = $id",
    ),
    decisions: await rowsOf(
      `select d.number, c.digest, h.content, d.reason, d.created_at, d.created_by from basis_decision d
         join catalogue_version c on c.revision = d.catalogue_revision
         join house_rule_version h on h.version = d.house_rule_version where d.project_id = $id order by number`,
    ),
    tags: await rowsOf(
      `select number, number_key, service, unit, duty, remarks, duty_version, choice, version, created_at, created_by,
         updated_at, updated_by from tag where project_id = $id order by number`,
    ),
    duties: await rowsOf(
      `select t.number, d.version, d.duty, d.created_at, d.created_by from duty_version d join tag t on t.id = d.tag_id
        where t.project_id = $id order by t.number, d.version`,
    ),
    sheets: await rowsOf(
      `select t.number, s.revision, s.content, s.issued_at, s.issued_by, p.content as proof, p.digest, p.engine,
         p.duty_version, c.digest as catalogue, h.content as house
         from sheet s join tag t on t.id = s.tag_id join proof p on p.id = s.proof_id and p.tag_id = t.id
         join catalogue_version c on c.revision = p.catalogue_revision
         join house_rule_version h on h.version = p.house_rule_version
        where t.project_id = $id order by t.number, s.revision`,
    ),
    acknowledged: await rowsOf(
      `select t.number, s.revision, a.reason, a.created_at, b.engine, h.content from drift_acknowledged a
         join sheet s on s.id = a.sheet_id join tag t on t.id = s.tag_id join basis b on b.id = a.basis_id
         join house_rule_version h on h.version = b.house_rule_version where t.project_id = $id`,
    ),
    jobs: await rowsOf(
      `select t.number, j.kind, j.valve, j.plan, j.started_at, j.started_by, e.at, e.who, e.said - 'picture' as said,
         p.digest, p.jpeg from shop_job j join tag t on t.id = j.tag_id join shop_event e on e.job_id = j.id
         left join shop_picture p on p.id::text = e.said ->> 'picture' where t.project_id = $id order by e.seq`,
    ),
    drafts: await rowsOf(
      "select name, content, created_at, created_by from list_draft where project_id = $id",
    ),
    memories: await rowsOf(
      "select shape, content, updated_at, updated_by from list_memory where project_id = $id",
    ),
  };
}

describe("a project file", () => {
  it("is imported into another database completely, and every sheet proves the same", async () => {
    const { status, body } = await broughtIn(there, file, "Brought");
    expect(body.detail).toBeUndefined();
    expect(status).toBe(201);
    expect(body).toMatchObject({ name: "Brought", tags: 65 });
    expect(await stored(there, body.id)).toEqual(await stored(here, project.id));
    const rows = await there.everyPage<TagRow>(`/api/projects/${body.id}/tags`);
    const issued = rows.filter(({ sheet }) => sheet !== null);
    expect(issued).toHaveLength(2);
    let sheets = 0;
    for (const { id } of issued)
      for (const sheet of (await there.ask<SheetRow[]>("GET", `/api/tags/${id}/sheets`)).body) {
        sheets++;
        const again = await there.ask<ReproofAnswer>("POST", `/api/sheets/${sheet.id}/reprove`);
        expect(again.body).toMatchObject({ same: true });
      }
    expect(sheets).toBe(3);
    expect(rows.some(({ id }) => id === body.opensOn)).toBe(true);
  });
  it("keeps the present rules and catalogue in force, and proves on its own basis", async () => {
    const before = await there.ask<{ version: number }>("GET", "/api/house-rules");
    expect(before.body.version).toBe(1);
    const list = (await there.ask<Project[]>("GET", "/api/projects")).body;
    const brought = list.find(({ name }) => name === "Brought")!;
    expect(brought.houseRuleVersion).toBeGreaterThan(1);
    expect(brought.catalogueRevision).toBe(1);
    // The next version of the organisation's rules is numbered after the imported ones.
    expect(await houseRules(there, 1.2)).toBe(brought.houseRuleVersion + 2);
    expect((await there.ask<{ reason: string }>("GET", "/api/house-rules")).body.reason).toBe("Factor 1.2");
  });
  it("can be imported twice, also beside its origin, under a name of its own", async () => {
    expect(await broughtIn(here, file)).toMatchObject({
      status: 409,
      body: { type: "/problems/name-taken" },
    });
    const beside = await broughtIn(here, file, "Beside");
    expect(beside.status).toBe(201);
    expect(await stored(here, beside.body.id)).toEqual(await stored(here, project.id));
    expect((await broughtIn(here, file, "Beside")).status).toBe(409);
    for (const name of [" ", "x".repeat(121), "a\nb"])
      expect((await broughtIn(here, file, name)).status).toBe(422);
  });
  it("exported again is the same", async () => {
    const list = (await here.ask<Project[]>("GET", "/api/projects")).body;
    const beside = list.find(({ name }) => name === "Beside")!;
    const counts = (bytes: Uint8Array) =>
      (JSON.parse(linesOf(bytes).at(-1)!) as { end: { counts: object } }).end.counts;
    expect(counts(await takenOut(here, beside.id))).toEqual(counts(file));
  });
});

describe("an invalid project file", () => {
  const lines = () => linesOf(file).slice(0, -1);
  const lineOf = (name: string) => lines().findIndex((line) => line.startsWith(`{"${name}"`));
  /** With one record of a kind changed, and the last line valid again. */
  const withRecord = (name: string, change: (record: Record<string, unknown>) => object) => {
    const allLines = lines();
    const index = lineOf(name);
    const record = JSON.parse(allLines[index]!)[name];
    allLines[index] = JSON.stringify({ [name]: change(record) });
    return packed(allLines);
  };
  const head = (change: object) =>
    packed([JSON.stringify({ ...JSON.parse(lines()[0]!), ...change }), ...lines().slice(1)]);
  const ofProject = (change: object) => {
    const first = JSON.parse(lines()[0]!);
    return head({ project: { ...first.project, ...change } });
  };
  const twice = (name: string) => {
    const allLines = lines();
    return packed([
      ...allLines.slice(0, lineOf(name)),
      allLines[lineOf(name)]!,
      ...allLines.slice(lineOf(name)),
    ]);
  };
  const without = (name: string) => packed(lines().filter((line) => !line.startsWith(`{"${name}"`)));
  const flipped = () => {
    const text = gunzipSync(file).toString("utf8");
    return gzipSync(text.replace('"unit": "', '"unit": "x')) as Buffer<ArrayBuffer>;
  };
  const cases: readonly [string, () => Buffer<ArrayBuffer>, RegExp][] = [
    ["no gzip at all", () => Buffer.from("nothing"), /This is not a project file/],
    ["an empty one", () => gzipSync("") as Buffer<ArrayBuffer>, /incomplete/],
    [
      "cut off",
      () => gzipSync(gunzipSync(file).subarray(0, 5000)) as Buffer<ArrayBuffer>,
      /ends in the middle/,
    ],
    [
      "cut off between two lines",
      () => gzipSync(`${lines().join("\n")}\n`) as Buffer<ArrayBuffer>,
      /end is missing/,
    ],
    ["one byte changed", flipped, /does not match its digest/],
    ["of a newer release", () => head({ format: "proven-seat-project/9" }), /newer release/],
    ["of another kind", () => head({ format: "proven-seat-duty/1" }), /not a known format of a project/],
    ["a record nobody knows", () => packed([...lines(), '{"secret":{}}']), /"secret" is not a known record/],
    ["a line that is no JSON", () => packed([...lines(), '{"tag":[]}']), /tag: /],
    [
      "a duty nobody can read",
      () => withRecord("tag", (tag) => ({ ...tag, duty: { format: "proven-seat-duty/1", dn: "x" } })),
      /Line \d+: tag: duty/,
    ],
    [
      "a catalogue that was altered",
      () => withRecord("catalogue", (c) => ({ ...c, content: { ...(c.content as object), name: "Other" } })),
      /Catalogue revision 1 does not match its digest/,
    ],
    [
      "a sheet that was altered",
      () =>
        withRecord("sheet", (s) => {
          const content = structuredClone(s.content) as { inputs: { duty: Tag["duty"] } };
          content.inputs.duty = hotter(content.inputs.duty);
          return { ...s, content };
        }),
      /Sheet A of XV-\d+ does not match its digest/,
    ],
    [
      "a sheet whose verdict was made better",
      () =>
        withRecord("sheet", (s) => {
          const content = structuredClone(s.content) as { proof: { findings: { verdict: string }[] } };
          content.proof.findings[3]!.verdict = "fails";
          return { ...s, content };
        }),
      /gives a different proof/,
    ],
    [
      "tags before the catalogue",
      () => {
        const [first, ...rest] = lines();
        const tag = rest.splice(lineOf("tag") - 1, 1);
        return packed([first!, ...tag, ...rest]);
      },
      /catalogue must come before tag/,
    ],
    ["units nobody reads in", () => ofProject({ unitSystem: "furlongs" }), /Line 1: project.unitSystem/],
    ["values no tag starts from", () => ofProject({ defaults: { operator: 7 } }), /Line 1: project.defaults/],
    ["a numbering without figures", () => ofProject({ numbering: "XV" }), /one group of #/],
    ["a tag twice", () => twice("tag"), /tag id .* occurs twice/],
    [
      "two tags of one number",
      () => {
        const allLines = lines();
        const { tag } = JSON.parse(allLines[lineOf("tag")]!);
        const other = JSON.stringify({ tag: { ...tag, id: "00000000-0000-4000-8000-000000000000" } });
        return packed([...allLines.slice(0, lineOf("tag")), other, ...allLines.slice(lineOf("tag"))]);
      },
      /tag number .* occurs twice/,
    ],
    [
      "a number whose key is another's",
      () => withRecord("tag", (tag) => ({ ...tag, numberKey: "XV-0" })),
      /not the key of the number/,
    ],
    ["a duty twice", () => twice("duty"), /duty 1 of tag .* occurs twice/],
    ["a sheet twice", () => twice("sheet"), /sheet id .* occurs twice/],
    [
      "a tag whose duty in force is not in its history",
      () => withRecord("tag", (tag) => ({ ...tag, dutyVersion: 9 })),
      /current duty .* not in its history/,
    ],
    [
      "a number no database counts to",
      () => withRecord("tag", (tag) => ({ ...tag, version: 2 ** 40 })),
      /tag: version/,
    ],
    [
      "a moment before there were any",
      () => withRecord("tag", (tag) => ({ ...tag, createdAt: "0000-01-01T00:00:00Z" })),
      /A tag cannot be kept/,
    ],
    [
      "a proof that is not its sheet's",
      () => withRecord("proof", (proof) => ({ ...proof, content: { verdict: "holds" } })),
      /does not belong to the proof it names/,
    ],
    [
      "a line that begins otherwise",
      () => packed(lines().map((line, n) => (n === lineOf("tag") ? ` ${line}` : line))),
      /does not begin with \{"tag"/,
    ],
    ["sheets of proofs it does not hold", () => without("proof"), /does not belong to the proof it names/],
    ["tags without house rules", () => without("houseRules"), /named but not in the file/],
    ["entries of a job it does not hold", () => without("job"), /to a job that is not in the file/],
    [
      "a picture that is none",
      () => withRecord("jobPicture", (p) => ({ ...p, jpeg: btoa("<svg>") })),
      /The picture is not a JPEG/,
    ],
    ["an entry twice", () => twice("jobEvent"), /entry of a job .* occurs twice/],
    ["nothing it is proved by", () => without("decision"), /does not state the catalogue and house rules/],
  ];
  it.each(cases)("is refused with its place, and leaves nothing behind: %s", async (_, made, says) => {
    const before = (await there.ask<Project[]>("GET", "/api/projects")).body.length;
    const { status, body } = await broughtIn(there, made(), "Never");
    expect(body.detail).toMatch(says);
    expect(status).toBe(422);
    expect((await there.ask<Project[]>("GET", "/api/projects")).body).toHaveLength(before);
  });
});
