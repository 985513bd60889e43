import { createServer, get } from "node:http";
import type { AddressInfo } from "node:net";
import express from "express";
import { describe, expect, it } from "vitest";
import { startTestServer } from "../../test/api.ts";
import { logged } from "../../test/logged.ts";
import { endServing, type Serving } from "./ending.ts";
import { RequestsInProgress } from "./requests-in-progress.ts";

const demanding = { detail: "grave", limit: 2000 };

describe("a server that ends", () => {
  it("reports no dropped work as failed", async () => {
    const kept = logged();
    const server = await startTestServer({ jobs: { threads: 1, timeoutMs: 600_000 }, log: kept.log });
    const { duty } = await server.tagNamed("XV-3017");
    const project = (await server.project()).id;
    let answered = 0;
    const asked = [
      ...Array.from({ length: 6 }, () => server.ask("POST", "/api/prove", { duty, ...demanding })),
      ...Array.from({ length: 6 }, (_, i) =>
        server.ask("POST", `/api/projects/${project}/imports`, {
          tags: [{ number: `XV-${i}`, service: "", unit: "", duty }],
        }),
      ),
    ].map((answer) =>
      answer.then(
        () => answered++,
        () => null,
      ),
    );
    // Sent after them on a connection of its own: the others are in progress by now, or soon.
    await server.ask("GET", "/api/projects");
    await server.end(1);
    await Promise.all(asked);
    expect(answered).toBeLessThan(12);
    expect(kept.text).not.toContain("request failed");
  });

  it("answers its requests, and closes their connections", async () => {
    const server = await startTestServer();
    const { duty } = await server.tagNamed("XV-3017");
    const asked = server.ask("POST", "/api/prove", { duty, ...demanding });
    await server.ask("GET", "/api/projects");
    // Fails where the answer is cut off, or where a client that left is waited for.
    const ended = server.end(600_000);
    const { status, headers } = await asked;
    expect([status, headers.get("connection")]).toEqual([200, "close"]);
    await ended;
  });

  it("closes nothing under work that does not end, and reports it", async () => {
    const inFlight = new RequestsInProgress();
    const app = express();
    app.get("/", () => void inFlight.during(() => new Promise(() => {})));
    const server = createServer(app);
    await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
    const cut = new Promise((done) =>
      get({ port: (server.address() as AddressInfo).port }).once("error", done),
    );
    await new Promise((done) => server.once("request", done));
    const live = { end: () => undefined };
    // No other part exists: closing one would throw.
    const serving = { server, inFlight, live } as unknown as Serving;
    expect(await endServing(serving, { answersMs: 1, leftoversMs: 1 })).toBe(false);
    expect(await cut).toMatchObject({ code: "ECONNRESET" });
  });
});
