import { randomUUID } from "node:crypto";
import type { Job, JobRow } from "@proven-seat/contract";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type Answer, startTestServer, type TestServer } from "../../test/api.ts";
import { pdfText } from "../../test/pdf-text.ts";
import { send as sendRaw } from "../../test/send.ts";
import { addressOf, eventOf, jobOf, pictureOf, workOn } from "../../test/shop-work.ts";

let server: TestServer;
let tag: string;
beforeAll(async () => {
  server = await startTestServer();
  tag = (await server.tagNamed("XV-1004")).id;
});
afterAll(() => server.end());

const tick = (step: string, who?: string, time?: string) =>
  eventOf({ kind: "tick", step, done: true }, who, time);
const send = (job: string, body: unknown) => server.ask<Job>("POST", addressOf(tag, job), body);
const put = (job: string, picture: string, bytes: Uint8Array) =>
  fetch(`${server.url}${addressOf(tag, job)}/pictures/${picture}`, {
    method: "PUT",
    headers: { "content-type": "application/octet-stream" },
    body: new Uint8Array(bytes),
  });

describe("a job sent to the server", () => {
  it("is stored once, and returns the entries of others", async () => {
    const job = randomUUID();
    const [mine, yours] = [tick("Isolate."), tick("Drain.", "Night shift")];
    expect((await send(job, jobOf([mine]))).body.events).toEqual([mine]);
    expect((await send(job, jobOf([yours, mine]))).body.events).toEqual([mine, yours]);
    expect((await send(job, jobOf([mine, yours, mine]))).body.events).toEqual([mine, yours]);
    const read = await server.ask<Job>("GET", addressOf(tag, job));
    expect(read.body).toMatchObject({ kind: "strip", startedBy: "Day shift", events: [mine, yours] });
  });
  it("loses nothing where two devices send at once", async () => {
    const job = randomUUID();
    const events = Array.from({ length: 12 }, (_, i) => tick(`Step ${i}`));
    const answers = await Promise.all(
      events.map((event, i) => send(job, jobOf([event, events[(i + 1) % 12]!]))),
    );
    expect(answers.map(({ status }) => status)).toEqual(events.map(() => 200));
    const { body } = await server.ask<Job>("GET", addressOf(tag, job));
    expect(new Set(body.events.map(({ id }) => id))).toEqual(new Set(events.map(({ id }) => id)));
    expect(body.events).toHaveLength(12);
  });
  it("returns nothing to a device that has everything", async () => {
    const job = randomUUID();
    await send(job, jobOf([tick("Isolate.")]));
    const first = await server.ask("GET", addressOf(tag, job));
    const etag = first.headers.get("etag")!;
    const again = () => sendRaw(server, "GET", addressOf(tag, job), { "if-none-match": etag });
    expect((await again()).status).toBe(304);
    await send(job, jobOf([tick("Drain.")]));
    expect((await again()).status).toBe(200);
  });
  it("refuses a changed event, or one of another tag, and stores none of it", async () => {
    const job = randomUUID();
    const mine = tick("Isolate.");
    await send(job, jobOf([mine]));
    const other = { ...mine, said: { ...mine.said, done: false } };
    expect(await send(job, jobOf([tick("Drain."), other as never]))).toMatchObject({
      status: 409,
      body: { type: "/problems/other-work" },
    });
    expect(await send(randomUUID(), jobOf([mine]))).toMatchObject({ status: 409 });
    const elsewhere = (await server.tagNamed("XV-2030")).id;
    expect((await server.ask("POST", addressOf(elsewhere, job), jobOf([]))).status).toBe(409);
    expect((await server.ask("GET", addressOf(elsewhere, job))).status).toBe(404);
    expect((await server.ask<Job>("GET", addressOf(tag, job))).body.events).toEqual([mine]);
  });
  it("recognises an event by its id, in capitals too", async () => {
    const job = randomUUID();
    const mine = tick("Isolate.");
    await send(job, jobOf([mine]));
    const capitals = { ...mine, id: mine.id.toUpperCase() };
    expect(await send(job, jobOf([capitals]))).toMatchObject({ status: 200, body: { events: [mine] } });
    const fresh = tick("Drain.");
    const twice = [{ ...fresh, id: fresh.id.toUpperCase() }, fresh];
    expect((await send(job, jobOf(twice))).body.events).toEqual([mine, fresh]);
  });
  it("refuses two different events with one id, and stores neither", async () => {
    const job = randomUUID();
    const first = tick("Isolate.");
    const second = { ...tick("Drain."), id: first.id };
    expect(await send(job, jobOf([first, second]))).toMatchObject({
      status: 409,
      body: { type: "/problems/other-work" },
    });
    expect((await server.ask("GET", addressOf(tag, job))).status).toBe(404);
  });
  it("names a fault at its place", async () => {
    const job = randomUUID();
    for (const [event, field] of [
      [{ ...tick("Isolate."), who: " " }, "events.0.who"],
      [{ ...tick("Isolate."), at: "yesterday" }, "events.0.at"],
      [{ ...tick("Isolate."), said: { kind: "note", step: null, text: "" } }, "events.0.said.text"],
      [{ ...tick("Isolate."), said: { kind: "ticked" } }, "events.0.said.kind"],
    ] as const) {
      const { status, body } = await server.ask<{ errors: { field: string }[] }>(
        "POST",
        addressOf(tag, job),
        jobOf([event as never]),
      );
      expect(status).toBe(422);
      expect(body.errors.map((e) => e.field)).toContain(field);
    }
    expect((await server.ask("GET", addressOf(tag, job))).status).toBe(404);
    expect((await server.ask("GET", addressOf(tag, "no-job"))).status).toBe(404);
  });
});

describe("a picture", () => {
  it("is stored reduced and without its position, once, and returned", async () => {
    const [job, picture] = [randomUUID(), randomUUID()];
    const stored = await pictureOf();
    expect((await put(job, picture, stored)).status).toBe(404);
    await send(job, jobOf([]));
    expect((await put(job, picture, stored)).status).toBe(204);
    expect((await put(job, picture, stored)).status).toBe(204);
    const response = await fetch(`${server.url}${addressOf(tag, job)}/pictures/${picture}`);
    expect(response.headers.get("content-type")).toBe("image/jpeg");
    const kept = await sharp(Buffer.from(await response.arrayBuffer())).metadata();
    expect(kept).toMatchObject({ width: 1600, height: 800, format: "jpeg" });
    expect(kept.exif).toBeUndefined();
    expect((await put(job, picture, await pictureOf(300))).status).toBe(409);
  });
  it("that is invalid is refused, and a small one is not enlarged", async () => {
    const job = randomUUID();
    await send(job, jobOf([]));
    for (const bytes of [new Uint8Array(), Buffer.from("<svg onload=alert(1)>"), Buffer.alloc(5000, 7)])
      expect((await put(job, randomUUID(), bytes)).status).toBe(422);
    const small = randomUUID();
    expect((await put(job, small, await pictureOf(40, 20))).status).toBe(204);
    const bytes = await (await fetch(`${server.url}${addressOf(tag, job)}/pictures/${small}`)).arrayBuffer();
    expect(await sharp(Buffer.from(bytes)).metadata()).toMatchObject({ width: 40, height: 20 });
  });
});

describe("a job on paper", () => {
  const textOf = async (job: string) => {
    const response = await fetch(`${server.url}${addressOf(tag, job)}.pdf`);
    expect(response.headers.get("content-type")).toMatch(/application\/pdf/);
    return pdfText(await response.arrayBuffer());
  };
  it("lists technician, work, readings and deviations", async () => {
    const job = randomUUID();
    await send(
      job,
      jobOf([
        tick("Isolate."),
        eventOf({ kind: "deviation", step: "Drain.", text: "no drain fitted" }),
        eventOf({ kind: "finished" }, "Night shift"),
      ]),
    );
    const text = await textOf(job);
    for (const words of [
      "Job: Strip down",
      "Isolate.",
      "Day shift, 2026-11-27 08:00",
      "no drain fitted",
      "Night shift",
    ])
      expect(text).toContain(words);
  });
  it("shows how a leak was traced", async () => {
    const job = randomUUID();
    const seen = { kind: "seen", check: "stop", answer: "short of it" } as const;
    await send(
      job,
      jobOf(
        [
          eventOf({ kind: "place", place: "through the valve" }),
          eventOf(seen, "Day shift", "2026-11-27T09:00:00.000Z"),
        ],
        {
          kind: "find a leak",
          plan: null,
        },
      ),
    );
    const text = await textOf(job);
    for (const words of ["Job: Find a leak", "short of it", "Possible causes", "not fully closed"])
      expect(text).toContain(words);
  });
  it("does not exist for a missing job", async () => {
    expect((await fetch(`${server.url}${addressOf(tag, randomUUID())}.pdf`)).status).toBe(404);
  });
});

describe("jobs of a project", () => {
  it("are listed newest first with their progress, page after page", async () => {
    const { id } = await server.project();
    const job = randomUUID();
    const untick = eventOf(
      { kind: "tick", step: "Drain.", done: false },
      "Night shift",
      "2026-11-27T10:00:00.000Z",
    );
    await send(
      job,
      jobOf(
        [
          tick("Isolate."),
          tick("Drain."),
          untick,
          eventOf({ kind: "deviation", step: null, text: "no drain" }),
          eventOf({ kind: "finished" }, "Night shift", "2026-11-27T11:00:00.000Z"),
        ],
        { startedAt: "2030-01-01T00:00:00.000Z" },
      ),
    );
    const { body } = await server.ask<JobRow[]>("GET", `/api/projects/${id}/jobs`);
    expect(body[0]).toMatchObject({
      id: job,
      number: "XV-1004",
      steps: 2,
      done: 1,
      deviations: 1,
      finishedAt: "2026-11-27T11:00:00.000Z",
      lastBy: "Night shift",
    });
    const paged: string[] = [];
    let address: string | null = `/api/projects/${id}/jobs?limit=2`;
    while (address !== null) {
      const page: Answer<JobRow[]> = await server.ask<JobRow[]>("GET", address);
      paged.push(...page.body.map((row) => row.id));
      address = /<([^>]+)>;\s*rel="next"/.exec(page.headers.get("link") ?? "")?.[1] ?? null;
    }
    expect(paged).toEqual(body.map((row) => row.id));
  });
  it("protect their tag from removal, by hand and by a list", async () => {
    const other = await server.tagNamed("XV-2040");
    await workOn(server, other);
    const { status, body } = await server.ask("DELETE", `/api/tags/${other.id}?version=${other.version}`);
    expect({ status, body }).toMatchObject({ status: 409, body: { type: "/problems/has-jobs" } });
  });
});
