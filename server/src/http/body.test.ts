import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bodyLimits, sanitiseBody } from "./body.ts";

const problem = (body: unknown) => {
  try {
    sanitiseBody(body);
  } catch (error) {
    return error as { status: number; message: string; more: { errors?: { field: string }[] } };
  }
  throw new Error("nothing was wrong");
};
const nested = (depth: number) => {
  let body: unknown = 1;
  for (let i = 0; i < depth; i++) body = [body];
  return body;
};

describe("a cleaned body", () => {
  it("is unchanged where nothing is wrong", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 4, stringUnit: fc.constantFrom(..."aZ0 -é") }), (body) => {
        expect(sanitiseBody(structuredClone(body))).toEqual(body);
      }),
    );
  });
  it("has its texts cleaned at any depth", () => {
    expect(sanitiseBody({ a: [{ b: "XV\u200b-1\u202e" }], c: "e\u0301" })).toEqual({
      a: [{ b: "XV-1" }],
      c: "é",
    });
  });
  it("names every place of a text that cannot be stored", () => {
    const { status, more } = problem({ a: ["\ud800", "fine", { b: "\u0007" }], "\u0000": 1 });
    expect(status).toBe(422);
    expect(more.errors!.map((e) => e.field)).toEqual(["a.0", "a.2.b", ""]);
  });
  it("is limited in depth, width and length", () => {
    expect(sanitiseBody(nested(bodyLimits.depth))).toEqual(nested(bodyLimits.depth));
    expect(problem(nested(bodyLimits.depth + 1)).message).toContain(`${bodyLimits.depth} levels deep`);
    const wide = (n: number) => Object.fromEntries(Array.from({ length: n }, (_, i) => [`k${i}`, 1]));
    expect(sanitiseBody(wide(bodyLimits.keys))).toEqual(wide(bodyLimits.keys));
    expect(problem(wide(bodyLimits.keys + 1)).message).toContain(`${bodyLimits.keys} names`);
    expect(problem(new Array(bodyLimits.values + 1).fill(1)).message).toContain(
      `${bodyLimits.values} values`,
    );
  });
  it("keeps a name such as __proto__ a name", () => {
    const body = sanitiseBody(JSON.parse('{"__proto__":{"polluted":true}}')) as object;
    expect(Object.keys(body)).toEqual(["__proto__"]);
    expect(({} as { polluted?: true }).polluted).toBeUndefined();
  });
});
