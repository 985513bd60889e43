import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const root = fileURLToPath(new URL(".", import.meta.url));
const files = readdirSync(root, { recursive: true, encoding: "utf8" }).filter(
  (f) => f.endsWith(".ts") && !f.endsWith(".test.ts") && !f.includes("tables/"),
);

interface Documented {
  file: string;
  name: string;
  text: string;
}

/** Exported functions, and exported arrow functions, with the comment that stands right above them. */
const documented: Documented[] = files.flatMap((file) => {
  const source = readFileSync(`${root}/${file}`, "utf8");
  const pattern =
    /((?:\/\*\*(?:(?!\*\/)[\s\S])*\*\/\n)?)export (?:function (\w+)|const (\w+) = (?:\([^=\n]*\)|\w+)(?:: [^=\n]+)? =>)/g;
  return [...source.matchAll(pattern)].map((m) => ({ file, name: m[2] ?? m[3]!, text: m[1]! }));
});

describe("every exported function of core", () => {
  it("is found", () => expect(documented.length).toBeGreaterThan(50));

  it.each(documented)(
    "$file $name says what it does, its result, errors, source and an example",
    ({ text }) => {
      for (const tag of ["@returns", "@throws", "@source", "@example"]) expect(text).toContain(tag);
    },
  );
});

describe("examples with a result", () => {
  const examples = documented.flatMap(({ file, name, text }) => {
    const match = /@example (.+?) \/\/ → (.+)/.exec(text);
    return match
      ? [{ file, name, expression: match[1]!, result: match[2]!.replace(/\s*\*\/$/, "").trim() }]
      : [];
  });

  it("are many", () => expect(examples.length).toBeGreaterThan(30));

  it.each(examples)("$name: $expression", async ({ file, expression, result }) => {
    const scope: Record<string, unknown> = {
      ...(await import("./duty/index.ts")),
      ...(await import("./house/index.ts")),
      ...(await import("./line-list/index.ts")),
      ...(await import(`./${file}`)),
    };
    // Examples that need a catalogue or a case name a variable nobody can import; they illustrate only.
    let value: unknown;
    try {
      value = new Function(...Object.keys(scope), `return (${expression});`)(...Object.values(scope));
    } catch (error) {
      if (error instanceof ReferenceError) return;
      throw error;
    }
    const expected: unknown = JSON.parse(result);
    if (typeof expected === "number") expect(value).toBeCloseTo(expected, 6);
    else expect(value).toEqual(expected);
  });
});
