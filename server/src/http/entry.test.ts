import { connect as connectTo } from "node:net";
import { emptyDuty } from "@proven-seat/core/duty";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { send } from "../../test/send.ts";

let server: TestServer;
let proxied: TestServer;
beforeAll(async () => {
  server = await startTestServer();
  proxied = await startTestServer({
    entry: { hosts: ["valves.example"], proxySecret: "a secret" },
    requestRate: 30,
  });
});
afterAll(async () => {
  await server.end();
  await proxied.end();
});

describe("the server answers", () => {
  it.each(["evil.example", "127.0.0.1.evil.example", "localhost.evil.example:80", "0.0.0.0", "[::]"])(
    "nobody who asks for %j, as a rebound name does",
    async (host) => {
      for (const path of ["/api/projects", "/", "/api/health", "/assets/x.js"])
        expect(await send(server, "GET", path, { host })).toMatchObject({
          status: 403,
          body: { type: "/problems/wrong-host" },
        });
    },
  );
  it.each(["127.0.0.1", "127.0.0.2", "localhost:9999", "LOCALHOST", "[::1]:4180"])(
    "anybody who asks for %s",
    async (host) => {
      expect((await send(server, "GET", "/api/projects", { host })).status).toBe(200);
    },
  );

  const project = async () => (await server.project()).id;
  const add = async (headers: Record<string, string>, number: string) =>
    send(
      server,
      "POST",
      `/api/projects/${await project()}/tags`,
      { "content-type": "application/json", host: new URL(server.url).host, ...headers },
      JSON.stringify({ number, duty: emptyDuty }),
    );
  it.each([
    { origin: "http://evil.example" },
    { origin: "null" },
    { origin: "http://127.0.0.1:1" },
    { origin: "file://" },
    { "sec-fetch-site": "cross-site" },
    { "sec-fetch-site": "same-site" },
    { "sec-fetch-site": "cross-site", origin: "http://evil.example" },
  ])("no page of another site that writes: %j", async (headers) => {
    expect(await add(headers as never, "XV-X1")).toMatchObject({
      status: 403,
      body: { type: "/problems/from-another-site" },
    });
    expect((await server.sql("select 1 from tag where number = 'XV-X1'")).rowCount).toBe(0);
  });
  it("its own pages, and clients that are no browser", async () => {
    expect((await add({}, "XV-X2")).status).toBe(201);
    const own = { origin: server.url, "sec-fetch-site": "same-origin" };
    expect((await add(own, "XV-X3")).status).toBe(201);
  });
  it("its proxy only, where there is one, by its configured names", async () => {
    const secret = { "x-proven-seat-proxy": "a secret" };
    for (const [headers, status] of [
      [{}, 403],
      [{ "x-proven-seat-proxy": "a secreu" }, 403],
      [{ "x-proven-seat-proxy": "" }, 403],
      [secret, 200],
      [{ ...secret, host: "valves.example" }, 200],
      [{ ...secret, host: "other.example" }, 403],
    ] as const)
      expect((await send(proxied, "GET", "/api/projects", headers as never)).status).toBe(status);
  });
});

describe("every answer", () => {
  it.each([
    ["GET", "/api/projects", {}],
    ["GET", "/api/nothing", {}],
    ["GET", "/", { host: "evil.example" }],
    ["POST", "/api/prove", { "content-type": "application/json" }],
    ["PATCH", "/api/projects", {}],
  ])("%s %s carries security headers", async (method, path, headers) => {
    const answer = await send(server, method, path, headers as never, method === "POST" ? "{" : "");
    expect(answer.headers).toMatchObject({
      "x-content-type-options": "nosniff",
      "x-frame-options": "SAMEORIGIN",
      "referrer-policy": "no-referrer",
      "content-security-policy": expect.stringContaining("default-src 'none'"),
      "cross-origin-opener-policy": "same-origin",
      "cross-origin-resource-policy": "same-origin",
    });
    expect(answer.headers["x-powered-by"]).toBeUndefined();
  });
  it("to an invalid request carries them too", async () => {
    const { port } = new URL(server.url);
    const said = await new Promise<string>((done) => {
      let text = "";
      const socket = connectTo(Number(port), "127.0.0.1", () => socket.write("HELO there\r\n\r\n"));
      socket.on("data", (chunk) => {
        text += chunk;
      });
      socket.on("close", () => done(text));
    });
    expect(said).toMatch(/^HTTP\/1.1 400[\s\S]*nosniff[\s\S]*\/problems\/unreadable/);
  });
  it("above the rate limit says when to continue", async () => {
    const headers = { "x-proven-seat-proxy": "a secret" };
    const answers = await Promise.all(
      Array.from({ length: 80 }, () => send(proxied, "GET", "/api/health", headers)),
    );
    const refused = answers.find((a) => a.status === 429)!;
    expect(refused.headers["retry-after"]).toBe("10");
    expect(refused.body).toMatchObject({ type: "/problems/too-many-requests" });
    expect(answers.some((a) => a.status === 200)).toBe(true);
  });
});
