import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const root = fileURLToPath(new URL(".", import.meta.url));
const files = readdirSync(root, { recursive: true, encoding: "utf8" }).filter(
  (f) => f.endsWith(".ts") && !f.endsWith(".test.ts") && !f.includes("reference/tables/"),
);

interface Documented {
  file: string;
  name: string;
  text: string;
}

/** Exported functions, and exported arrow functions, with the comment right above them. */
const documented: Documented[] = files.flatMap((file) => {
  const source = readFileSync(`${root}/${file}`, "utf8");
  const pattern =
    /((?:\/\*\*(?:(?!\*\/)[\s\S])*\*\/\n)?)export (?:function (\w+)|const (\w+) = (?:\([^=\n]*\)|\w+)(?:: [^=\n]+)? =>)/g;
  return [...source.matchAll(pattern)].map((m) => ({ file, name: m[2] ?? m[3]!, text: m[1]! }));
});

describe("every exported function of core", () => {
  it("is found", () => expect(documented.length).toBeGreaterThan(150));

  it.each(documented)("$file $name has a summary, and no line without content", ({ text }) => {
    expect(text).toMatch(/\/\*\*[\s*]*[A-Z`]/);
    expect(text).not.toMatch(/@throws never|@source none/);
  });
  it.each(
    documented.filter(({ file, text }) => file.startsWith("basis/calc/") && /unit|bar|mm|N·m/.test(text)),
  )("$file $name gives units, result and source", ({ text }) => {
    for (const tag of ["@returns", "@source"]) expect(text).toContain(tag);
  });
});

describe("examples", () => {
  const examples = documented.flatMap(({ file, name, text }) =>
    [...text.matchAll(/@example (.+)/g)].map(([, example]) => ({ file, name, example: example! })),
  );

  it("are many", () => expect(examples.length).toBeGreaterThan(80));

  it.each(examples)("$name: $example", async ({ file, example }) => {
    const [expression, result] = example.replace(/\s*\*\/$/, "").split(" // → ") as [string, string?];
    expect(result, "an example has a result").toBeDefined();
    const scope: Record<string, unknown> = {
      ...(await import("./basis/house/house-rules.ts")),
      ...(await import("./basis/reference/curve.ts")),
      ...(await import("./basis/reference/fluids.ts")),
      ...(await import("./basis/reference/pads.ts")),
      ...(await import("./duty/line-list/fields.ts")),
      ...(await import("./duty/line-list/grid.ts")),
      ...(await import("./duty/line-list/table.ts")),
      ...(await import("./duty/statement/case.ts")),
      ...(await import("./duty/statement/duty.ts")),
      ...(await import("./judgement/rules/outcome.ts")),
      ...(await import(`./${file}`)),
    };
    const value = new Function(...Object.keys(scope), `return (${expression});`)(...Object.values(scope));
    const expected: unknown = JSON.parse(result!);
    if (typeof expected === "number") expect(value).toBeCloseTo(expected, 6);
    else expect(value).toEqual(expected);
  });
});
