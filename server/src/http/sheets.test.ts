import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { SheetRow, Tag } from "@proven-seat/contract";
import type { Sheet } from "@proven-seat/core/judgement/proof";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { editable, startTestServer, type TestServer } from "../../test/api.ts";
import { chooseBest, issueOf, type Proved } from "../../test/issuing.ts";
import { revisionAfter } from "../work/issue-sheet.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const choose = (number: string, overrideReason: string | null = null) =>
  chooseBest(server, number, overrideReason);
const issue = (tag: Tag) => issueOf(server, tag);

function pdfText(bytes: Buffer): { text: string; pages: number } {
  const file = join(mkdtempSync(join(tmpdir(), "sheet-")), "sheet.pdf");
  writeFileSync(file, bytes);
  const info = execFileSync("pdfinfo", [file], { encoding: "utf8" });
  return {
    text: execFileSync("pdftotext", ["-layout", file, "-"], { encoding: "utf8" }),
    pages: Number(/Pages:\s+(\d+)/.exec(info)![1]),
  };
}

describe("issuing", () => {
  it("proves again on the server, issues revision A, then B, and proves the same afterwards", async () => {
    const tag = await choose("XV-3017");
    const first = await issue(tag);
    expect(first).toMatchObject({
      status: 201,
      body: { revision: "A", verdict: "holds", issuedBy: "engineer" },
    });
    expect(await issue(tag)).toMatchObject({
      status: 409,
      body: { type: "/problems/unchanged", detail: expect.stringContaining("since revision A") },
    });
    const renamed = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      service: "Renamed",
    });
    expect((await issue(renamed.body)).body.revision).toBe("B");
    const again = await server.ask("POST", `/api/sheets/${first.body.id}/reprove`);
    expect(again.body).toMatchObject({ same: true, differences: [] });
    expect(
      (await server.ask<SheetRow[]>("GET", `/api/tags/${tag.id}/sheets`)).body.map((s) => s.revision),
    ).toEqual(["B", "A"]);
  });
  it("needs a choice, a current version, and an existing candidate", async () => {
    const tag = await server.tagNamed("XV-5006");
    expect(await issue(tag)).toMatchObject({ status: 422, body: { type: "/problems/nothing-chosen" } });
    const chosen = await choose("XV-5006");
    expect((await issue({ ...chosen, version: chosen.version - 1 })).status).toBe(409);
    const invented = await server.ask<Tag>("PUT", `/api/tags/${chosen.id}`, {
      ...editable(chosen),
      choice: { ...chosen.choice!, valve: "no such valve" },
    });
    expect(await issue(invented.body)).toMatchObject({
      status: 422,
      body: { type: "/problems/choice-gone" },
    });
  });
  it("needs a written reason against the proof and puts it on the sheet", async () => {
    const failing = await choose("XV-4020");
    expect(await issue(failing)).toMatchObject({
      status: 422,
      body: { type: "/problems/override-needs-reason" },
    });
    const reasoned = await choose("XV-4020", "Trial for one campaign, agreed with operations.");
    const { status, body } = await issue(reasoned);
    expect(status).toBe(201);
    const sheet = (await server.ask<Sheet>("GET", `/api/sheets/${body.id}.json`)).body;
    expect(sheet.override).toMatchObject({ by: "engineer", reason: expect.stringContaining("Trial") });
    expect(sheet.override!.rules.length).toBeGreaterThan(0);
  });
  it("protects a tag that has sheets", async () => {
    const tag = await server.tagNamed("XV-3017");
    expect(await server.ask("DELETE", `/api/tags/${tag.id}?version=${tag.version}`)).toMatchObject({
      status: 409,
      body: { type: "/problems/has-sheets" },
    });
  });
  it("issues one sheet for simultaneous equal requests", async () => {
    const tag = await choose("XV-1004");
    const answers = await Promise.all(Array.from({ length: 20 }, () => issue(tag)));
    expect(answers.filter((a) => a.status === 201)).toHaveLength(1);
    expect(new Set(answers.filter((a) => a.status !== 201).map((a) => a.body.type))).toEqual(
      new Set(["/problems/unchanged"]),
    );
  });
  it("returns the first sheet to a repeated request with the same key", async () => {
    const tag = await choose("XV-6024");
    const ask = (askedWith: string) =>
      server.ask<SheetRow>("POST", `/api/tags/${tag.id}/sheets`, { version: tag.version, askedWith });
    const answers = await Promise.all(Array.from({ length: 20 }, () => ask("key-of-mine")));
    expect(new Set(answers.map((a) => `${a.status} ${a.body.id} ${a.body.revision}`)).size).toBe(1);
    expect(answers[0]!.status).toBe(201);
    // Also after the tag has moved on.
    await server.ask("PUT", `/api/tags/${tag.id}`, { ...editable(tag), service: "Moved on" });
    expect((await ask("key-of-mine")).body.id).toBe(answers[0]!.body.id);
    expect((await ask("another-key")).status).toBe(409);
  });
  it("counts revisions without I and O, past Z", () => {
    expect([0, 7, 8, 12, 13, 23, 24].map(revisionAfter)).toEqual(["A", "H", "J", "N", "P", "Z", "AA"]);
  });
});

describe("documents", () => {
  it("prints selectable text with every finding, page numbers and the digest", async () => {
    const tag = await choose("XV-2011");
    const { body } = await issue(tag);
    const response = await fetch(`${server.url}/api/sheets/${body.id}.pdf`);
    expect(response.headers.get("content-disposition")).toContain("XV-2011-A.pdf");
    const { text, pages } = pdfText(Buffer.from(await response.arrayBuffer()));
    const sheet = (await server.ask<Sheet>("GET", `/api/sheets/${body.id}.json`)).body;
    expect(pages).toBeLessThanOrEqual(5);
    expect(text).toContain(`page 1 of ${pages}`);
    expect(text).toContain(`page ${pages} of ${pages}`);
    const flowing = text.replace(/\s+/g, " ");
    // A line may end at a hyphen.
    const joined = flowing.replaceAll("- ", "-");
    const hidden = sheet.proof.findings.map(({ asks }) => asks).filter((asks) => !joined.includes(asks));
    expect(hidden).toEqual([]);
    expect(text).toContain(body.digest);
    expect(text).toContain("Δ ≤ ≥ ₂");
    expect(flowing).toContain("Never put a hand into the bore");
  });
  it("cuts nothing of twenty-four cases, long names, long notes and an override, in US units", async () => {
    const tag = await server.tagNamed("XV-7003");
    const cases = Array.from({ length: 24 }, (_, i) => ({
      id: `c${i}`,
      kind: "normal",
      name: `A very long name for a case that goes on and on ${i}`,
      upstreamBarG: 3,
      downstreamBarG: 0,
      temperatureC: 20,
      flow: "forward",
      mayBeShut: true,
    }));
    const { body } = await server.ask<Proved>("POST", "/api/prove", { duty: tag.duty, limit: 400 });
    const picked = body.candidates.at(-1)!;
    const choice = {
      valve: picked.valve.key,
      drive: picked.drive!.key,
      notes: "Note. ".repeat(330),
      overrideReason: "Reason. ".repeat(120),
    };
    const saved = await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, {
      ...editable(tag),
      service: "W".repeat(120),
      duty: { ...tag.duty, cases },
      choice,
    });
    const issued = await issue(saved.body);
    const { text, pages } = pdfText(
      Buffer.from(
        await (await fetch(`${server.url}/api/sheets/${issued.body.id}.pdf?units=US`)).arrayBuffer(),
      ),
    );
    expect(pages).toBeLessThanOrEqual(7);
    // Verdict, cautions and signatures are together.
    const [page] = text.split("\f").filter((line) => line.includes("approved"));
    expect(page).toContain("Cautions");
    expect(text).toContain("psi g");
  });
  it("carries in JSON what the published command needs to prove it again", async () => {
    const { body } = await issue(await choose("XV-6009"));
    const sheet = (await server.ask("GET", `/api/sheets/${body.id}.json`)).body;
    const calc = (input: unknown) =>
      JSON.parse(
        execFileSync("npm", ["run", "--silent", "calc", "--", "reprove", "-"], {
          input: JSON.stringify(input),
          encoding: "utf8",
          cwd: new URL("../../..", import.meta.url),
        }),
      );
    expect(calc(sheet)).toMatchObject({ same: true, digest: body.digest });
  });
});
