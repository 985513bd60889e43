import { readFileSync } from "node:fs";
import type { Logger } from "@stryker-mutator/api/logging";
import { commonTokens } from "@stryker-mutator/api/plugin";
import { createInstrumenter } from "@stryker-mutator/instrumenter";
import { createInjector } from "typed-inject";

export interface Mutant {
  readonly id: string;
  readonly fileName: string;
  readonly mutatorName: string;
  readonly replacement: string;
  readonly location: { readonly start: { readonly line: number; readonly column: number } };
  readonly ignored: boolean;
}

/**
 * Leaves sentences unchanged: names, findings, sources and remedies are for readers, and a test that repeats a sentence
 * proves nothing. Verdicts, senses, units and keys are words too, and are mutated.
 */
const sentences = new Set(["asks", "source", "says", "remedy", "inputs", "what", "title", "origin", "id"]);

interface Place {
  readonly node: { readonly value?: unknown; readonly key?: { readonly name?: string } };
  readonly parentPath: Place | null;
  isStringLiteral(): boolean;
  isTemplateLiteral(): boolean;
  isObjectProperty(): boolean;
  isFunction(): boolean;
  toString(): string;
}

const words = {
  shouldIgnore(place: Place): string | undefined {
    if (!place.isStringLiteral() && !place.isTemplateLiteral()) return undefined;
    const text = place.isStringLiteral() ? String(place.node.value) : place.toString();
    if (text.trim().includes(" ")) return "a sentence";
    for (let parent = place.parentPath; parent && !parent.isFunction(); parent = parent.parentPath)
      if (parent.isObjectProperty() && sentences.has(parent.node.key?.name ?? "")) return "a sentence";
    return undefined;
  },
};

const quiet = new Proxy({}, { get: () => () => undefined }) as Logger;

/** Files with every mutant in its place, switched off, and the list of mutants. */
export async function instrument(
  files: readonly string[],
): Promise<{ readonly contents: ReadonlyMap<string, string>; readonly mutants: readonly Mutant[] }> {
  const injector = createInjector().provideValue(commonTokens.logger, quiet);
  const instrumenter = injector.injectFunction(createInstrumenter as never) as {
    instrument(
      files: unknown,
      options: unknown,
    ): Promise<{
      files: { name: string; content: string }[];
      mutants: (Omit<Mutant, "ignored"> & { status?: string })[];
    }>;
  };
  const { files: made, mutants } = await instrumenter.instrument(
    files.map((name) => ({ name, mutate: true, content: readFileSync(name, "utf8") })),
    { plugins: null, ignorers: [words], excludedMutations: ["ArrayDeclaration"], noHeader: false },
  );
  return {
    contents: new Map(made.map(({ name, content }) => [name, content])),
    mutants: mutants.map((m) => ({ ...m, ignored: m.status === "Ignored" })),
  };
}
