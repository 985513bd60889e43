/** Requests made from the published description, right and wrong: hundreds in the check, tens of thousands at night. */
import type { TagRow } from "@proven-seat/contract";
import fc from "fast-check";
import { afterAll, beforeAll, expect, it } from "vitest";
import { tries } from "../../../core/test/effort.ts";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { fromSchema, type JsonSchema, junk } from "../../test/from-schema.ts";
import { chooseBest, issueOf } from "../../test/issuing.ts";
import { unpacked } from "../../test/unpacked.ts";

const requests = tries(150, 30_000);
const atOnce = 6;

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

interface Operation {
  readonly requestBody?: { content: Record<string, { schema: JsonSchema }> };
  readonly parameters?: readonly { name: string; in: string }[];
}

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: string | undefined;
  readonly type: string;
}

/** Existing ids, free ids, and texts that are no id. */
const idOf = (known: readonly string[]) =>
  fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom(...known) },
    { weight: 1, arbitrary: fc.uuid() },
    { weight: 1, arbitrary: junk.map((value) => encodeURIComponent(wellFormed(asText(value))) || "x") },
  );
/** As text: an object may have a `toString` that is no function. */
const asText = (value: unknown) =>
  typeof value === "string" ? value : (JSON.stringify(value) ?? String(value));
const wellFormed = (text: string) => text.replace(/\p{Surrogate}/gu, "").slice(0, 200);

function requestTo(
  method: string,
  path: string,
  operation: Operation,
  known: Record<string, readonly string[]>,
) {
  const parts = [...path.matchAll(/\{(\w+)\}/g)].map(([whole, name]) => {
    const from = /tags\/\{id\}/.test(path) ? "tag" : /sheets\/\{id\}/.test(path) ? "sheet" : name!;
    return [whole, known[from === "id" ? "project" : from] ?? ["1", "mounting"]] as const;
  });
  const [parameter, described] = Object.entries(operation.requestBody?.content ?? {})[0] ?? [
    "application/json",
  ];
  const query = (operation.parameters ?? []).filter((p) => p.in === "query").map((p) => p.name);
  return fc
    .record({
      ids: fc.tuple(...parts.map(([, ids]) => idOf(ids))),
      query: fc.dictionary(
        fc.oneof(fc.constantFrom(...(query.length > 0 ? query : ["x"])), fc.string({ maxLength: 8 })),
        fc.oneof(
          fc.nat(9999).map(String),
          junk.map((value) => wellFormed(asText(value))),
        ),
        { maxKeys: 2 },
      ),
      body: described
        ? fc.oneof({ weight: 20, arbitrary: fromSchema(described.schema) }, { weight: 1, arbitrary: junk })
        : fc.constant(undefined),
      broken: fc.oneof(
        { weight: 30, arbitrary: fc.constant("") },
        fc.constantFrom("{", "]", "\u0000", "NaN"),
      ),
      type: fc.oneof(
        { weight: 20, arbitrary: fc.constant(parameter) },
        fc.constantFrom("text/plain", "application/json; charset=utf-7", "multipart/form-data", "nonsense"),
      ),
    })
    .map(({ ids, query: asked, body, broken, type }): Asked => {
      const [, filled] = parts.reduce<[number, string]>(
        ([i, previous], [whole]) => [i + 1, previous.replace(whole, String(ids[i]))],
        [0, path],
      );
      const search = new URLSearchParams(
        Object.entries(asked).map(([k, v]) => [wellFormed(k), v]),
      ).toString();
      const text = body === undefined ? undefined : `${JSON.stringify(body)}${broken}`;
      return { method: method.toUpperCase(), path: `${filled}${search && `?${search}`}`, body: text, type };
    });
}

async function send({ method, path, body, type }: Asked): Promise<void> {
  const answer = await fetch(server.url + path, {
    method,
    headers: { ...unpacked, ...(body !== undefined && { "content-type": type }) },
    ...(body !== undefined && { body }),
    signal: AbortSignal.timeout(60_000),
  }).catch((error: Error) => {
    throw new Error(`${method} ${path} was not answered: ${error.message}`);
  });
  // Events continue until the client leaves.
  if (answer.headers.get("content-type") === "text/event-stream") return answer.body!.cancel();
  const text = await answer.text();
  const message = `${method} ${path} ${body?.slice(0, 500)} → ${answer.status} ${text.slice(0, 500)}`;
  expect(answer.status, message).toBeLessThan(500);
  if (answer.status >= 400) {
    expect(answer.headers.get("content-type"), message).toContain("application/problem+json");
    const problem = JSON.parse(text) as { detail: string };
    expect(problem.detail.length, message).toBeGreaterThan(10);
    expect(text.length, message).toBeLessThan(200_000);
  }
}

it(`answers ${requests} requests of any content without a failure of its own`, {
  timeout: 7_200_000,
}, async () => {
  const project = await server.project();
  const rows = await server.everyPage<TagRow>(`/api/projects/${project.id}/tags`);
  const sheet = await issueOf(server, await chooseBest(server, "XV-3017"));
  const known = {
    project: [project.id],
    tag: rows.slice(0, 12).map((r) => r.id),
    sheet: [sheet.body.id],
    name: ["mounting", "seat-limit", "cavity-rise", "gas-flow"],
    revision: ["1", "2", "versions"],
  };
  const { body } = await server.ask<{ paths: Record<string, Record<string, Operation>> }>(
    "GET",
    "/api/openapi.json",
  );
  const operations = Object.entries(body.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => requestTo(method, path, operation, known)),
  );
  const asked = fc.sample(fc.oneof(...operations), requests);
  for (let from = 0; from < asked.length; from += atOnce)
    await Promise.all(asked.slice(from, from + atOnce).map(send));
  expect((await server.ask("GET", "/api/health")).status).toBe(200);
});
