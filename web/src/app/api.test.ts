import { afterEach, describe, expect, it, vi } from "vitest";
import { ApiProblem, call, callAll } from "./api.ts";

afterEach(() => void vi.unstubAllGlobals());

const page = (items: unknown[], next?: string) =>
  new Response(JSON.stringify(items), {
    headers: {
      "content-type": "application/json",
      ...(next ? { link: `<${next}>; rel="next"` } : {}),
    },
  });

describe("a list of the server", () => {
  it("is read to its end, in the largest pages", async () => {
    const asked: string[] = [];
    const pages = [page([1, 2], "/api/projects/p/tags?limit=10000&after=2"), page([3])];
    vi.stubGlobal("fetch", async (address: string) => {
      asked.push(address);
      return pages.shift()!;
    });
    expect(await callAll("tags", { parameters: { id: "p" } })).toEqual([1, 2, 3]);
    expect(asked).toEqual(["/api/projects/p/tags?limit=10000", "/api/projects/p/tags?limit=10000&after=2"]);
  });
  it("is all or nothing: a failed page fails the whole list", async () => {
    const pages = [page([1], "/api/projects?after=1")];
    vi.stubGlobal("fetch", async () => pages.shift() ?? Promise.reject(new TypeError("no network")));
    await expect(callAll("projects")).rejects.toThrow(/cannot be reached/);
  });
});

describe("an answer", () => {
  it("that is a problem shows its sentence", async () => {
    const detail = "There is no such tag.";
    vi.stubGlobal(
      "fetch",
      async () =>
        new Response(JSON.stringify({ detail }), {
          status: 404,
          headers: { "content-type": "application/problem+json" },
        }),
    );
    await expect(call("tag", { parameters: { id: "x" } })).rejects.toThrow(
      new ApiProblem({ detail } as never),
    );
  });
  it("without content is undefined", async () => {
    const asked: string[] = [];
    vi.stubGlobal("fetch", async (address: string) => {
      asked.push(address);
      return new Response(null, { status: 204 });
    });
    expect(await call("deleteTag", { parameters: { id: "x" }, query: { version: "3" } })).toBeUndefined();
    expect(asked).toEqual(["/api/tags/x?version=3"]);
  });
});
