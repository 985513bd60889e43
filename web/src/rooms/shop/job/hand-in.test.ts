// @vitest-environment happy-dom

import type { HandIn, Job } from "@proven-seat/contract";
import type { Said } from "@proven-seat/core/outcome/shop";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useDevice } from "./device.ts";
import { handIn, handInAll } from "./hand-in.ts";

const tick = (step: string): Said => ({ kind: "tick", step, done: true });
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { "content-type": status === 200 ? "application/json" : "application/problem+json" },
  });

/** A server that stores what arrives once, and may lose its answers. */
function aServer() {
  const kept = new Map<string, HandIn["events"][number]>();
  const server = { loses: false, away: false, bodies: 0, kept };
  vi.stubGlobal(
    "fetch",
    vi.fn(async (address: string, { body }: RequestInit) => {
      if (server.away) throw new TypeError("offline");
      if (body !== undefined) {
        server.bodies++;
        for (const event of (JSON.parse(String(body)) as HandIn).events) kept.set(event.id, event);
      }
      if (server.loses) throw new TypeError("cut off");
      return json({ id: address.split("/").at(-1), events: [...kept.values()] } as unknown as Job);
    }),
  );
  return server;
}

let job: string;
const held = () => useDevice.getState().jobs[job]!;
beforeEach(() => {
  useDevice.setState({ who: "Day shift", jobs: {}, open: {}, left: [] });
  job = useDevice.getState().begin({ tagId: "t", kind: "strip", valve: "a ball", plan: null });
});
afterEach(() => vi.unstubAllGlobals());

describe("sending entries", () => {
  it("keeps everything without a connection, and sends it once", async () => {
    const server = aServer();
    server.away = true;
    for (const step of ["a", "b", "c"]) useDevice.getState().say(job, tick(step));
    expect(await handIn(job)).toBe(false);
    expect(held().waiting).toHaveLength(3);
    server.away = false;
    expect(await handIn(job)).toBe(true);
    expect(held()).toMatchObject({ waiting: [], known: [{}, {}, {}] });
    expect(server.kept.size).toBe(3);
  });
  it("repeats a request whose answer was lost, without duplicates", async () => {
    const server = aServer();
    useDevice.getState().say(job, tick("a"));
    server.loses = true;
    expect(await handIn(job)).toBe(false);
    expect(held().waiting).toHaveLength(1);
    server.loses = false;
    useDevice.getState().say(job, tick("b"));
    await handIn(job);
    expect(server.kept.size).toBe(2);
    expect(held().waiting).toEqual([]);
  });
  it("loses nothing entered during a transfer", async () => {
    const server = aServer();
    useDevice.getState().say(job, tick("a"));
    const going = handIn(job);
    useDevice.getState().say(job, tick("b"));
    await going;
    expect(held().waiting.map(({ said }) => said)).toEqual([tick("b")]);
    await handIn(job);
    expect(server.kept.size).toBe(2);
  });
  it("takes several requests where too much waits for one", async () => {
    const server = aServer();
    for (let i = 0; i < 1201; i++) useDevice.getState().say(job, tick(`${i}`));
    await handIn(job);
    expect(server.kept.size).toBe(1201);
    expect(server.bodies).toBe(3);
    expect(held().waiting).toEqual([]);
  });
  it("shows why the server refuses it, and keeps it", async () => {
    vi.stubGlobal(
      "fetch",
      vi.fn(async () => json({ type: "/problems/other-work", detail: "Another job has this id." }, 409)),
    );
    useDevice.getState().say(job, tick("a"));
    await handIn(job);
    expect(held()).toMatchObject({ refused: "Another job has this id.", waiting: [{}] });
  });
  it("covers every waiting job, also one that is no longer open", async () => {
    const server = aServer();
    useDevice.getState().say(job, tick("a"));
    useDevice.getState().leave("t", "strip");
    const other = useDevice.getState().begin({ tagId: "u", kind: "reseat", valve: "a ball", plan: null });
    useDevice.getState().say(other, tick("b"));
    await handInAll();
    expect(server.kept.size).toBe(2);
  });
});
