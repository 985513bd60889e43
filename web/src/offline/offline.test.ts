// @vitest-environment happy-dom

import "fake-indexeddb/auto";
import { QueryClient } from "@tanstack/react-query";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ApiProblem, call } from "../app/api.ts";
import { keepAnswer, keptAnswer } from "./answers.ts";
import { serverFirst, useOffline, worksOffline } from "./offline.ts";

const visit = (path: string) => window.history.replaceState(null, "", path);
/** A page of this build: its entry is not added, because it would be loaded. */
const program = (build: string) => {
  const entry = { getAttribute: () => build } as unknown as Element;
  vi.spyOn(document, "querySelector").mockReturnValue(entry);
};
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { "content-type": status === 200 ? "application/json" : "application/problem+json" },
  });
const answers = (respond: () => Promise<Response>) => vi.stubGlobal("fetch", vi.fn(respond));
const away = async () => {
  throw new TypeError("no connection");
};
let client: QueryClient;
const read = () => client.fetchQuery({ queryKey: ["projects"], queryFn: () => call("projects") });
const question = JSON.stringify(["projects"]);
const noted = () => Object.keys(useOffline.getState().answers);

beforeEach(() => {
  visit("/projects/p/shop");
  program("/assets/one.js");
  client = new QueryClient({ defaultOptions: { queries: { persister: serverFirst, retry: false } } });
  useOffline.setState({ answers: {} });
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe("rooms that work offline", () => {
  it.each([
    ["/projects/p/tags/t/shop/strip", true],
    ["/projects/p/tags/t/shop", true],
    ["/tags/t/shop/leak", true],
    ["/projects/p/shop", true],
    ["/projects/p/tags/t/duty", false],
    ["/projects/p/line-up", false],
    ["/shelf", false],
  ])("%s: %s", (path, is) => expect(worksOffline(path)).toBe(is));
});

describe("a stored answer", () => {
  it("replaces an unreachable server's, marked until the server answers", async () => {
    await keepAnswer(question, 1000, ["kept"]);
    answers(away);
    expect(await read()).toEqual(["kept"]);
    expect(useOffline.getState().answers).toEqual({ [question]: 1000 });
    answers(async () => json(["new"]));
    expect(await read()).toEqual(["new"]);
    expect(noted()).toEqual([]);
  });
  it("does not replace a refusal, but the answer of a server in trouble", async () => {
    await keepAnswer(question, 1000, ["kept"]);
    answers(async () => json({ status: 404, detail: "gone" }, 404));
    await expect(read()).rejects.toBeInstanceOf(ApiProblem);
    expect(noted()).toEqual([]);
    answers(async () => json({ status: 503, detail: "starting" }, 503));
    expect(await read()).toEqual(["kept"]);
  });
  it("is shown nowhere else: a bench would prove yesterday's duty", async () => {
    await keepAnswer(question, 1000, ["kept"]);
    answers(away);
    visit("/projects/p/tags/t/duty");
    await expect(read()).rejects.toThrow(/cannot be reached/);
  });
  it("of another build is ignored: it may have another shape", async () => {
    await keepAnswer(question, 1000, ["kept"]);
    program("/assets/two.js");
    answers(away);
    await expect(read()).rejects.toThrow(/cannot be reached/);
  });
  it.each([
    ["stands in for a server that takes too long", true],
    ["is waited for where there is none", false],
  ])("%s", async (_, is) => {
    client.clear();
    if (is) await keepAnswer(question, 1000, ["kept"]);
    else program("/assets/three.js");
    let answer = (_: Response) => {};
    answers(() => new Promise((resolve) => (answer = resolve)));
    vi.useFakeTimers({ toFake: ["setTimeout"] });
    try {
      const asked = read();
      await vi.advanceTimersByTimeAsync(60_000);
      if (!is) answer(json(["late"]));
      expect(await asked).toEqual([is ? "kept" : "late"]);
    } finally {
      vi.useRealTimers();
    }
  });
  it("makes room for the newest", async () => {
    for (let i = 0; i < 420; i++) await keepAnswer(`q${i}`, 5000 + i, { i });
    expect(await keptAnswer("q0")).toBeUndefined();
    expect(await keptAnswer("q419")).toMatchObject({ data: { i: 419 }, at: 5419 });
  });
});
