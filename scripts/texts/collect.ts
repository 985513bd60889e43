import { parseSync } from "oxc-parser";

/** A text that a reader may see, with its place. */
export interface UserText {
  readonly file: string;
  readonly line: number;
  /** As in the source, with values in `${…}`. */
  readonly text: string;
}

interface Node {
  readonly type: string;
  readonly start: number;
  readonly end: number;
  readonly value?: unknown;
  readonly name?: { readonly name?: string };
  readonly key?: { readonly name?: string };
}

/** Attributes that hold names for the browser and no words. */
const notWords: ReadonlySet<string> = new Set(
  "className id role type d viewBox transform to href key fill stroke style points htmlFor".split(" "),
);

/** Text and not a name: two words, or a word that begins a sentence. */
const isText = (text: string): boolean => {
  const words = text.replace(/\$\{[^}]*\}/g, "X").trim();
  return /[A-Za-z]{2}/.test(words) && (/\s/.test(words) || /^[A-Z][a-z]/.test(words));
};

const isNode = (value: unknown): value is Node =>
  typeof value === "object" && value !== null && typeof (value as Node).type === "string";

/** Properties of a duty field that hold words of line lists in many languages. */
const ofLineLists: ReadonlySet<string> = new Set(["headings", "means", "written"]);

/** Whether nothing below a node is read by a person. */
function isSilent({ type, name, key }: Node): boolean {
  if (type === "JSXAttribute") return notWords.has(name?.name ?? "");
  if (type === "Property") return ofLineLists.has(key?.name ?? "");
  return /^(Import|ExportAll)|^TS.*(Type|Declaration)$/.test(type);
}

function written(node: Node, source: string): string | null {
  if (node.type === "JSXText") return source.slice(node.start, node.end).replace(/\s+/g, " ").trim();
  if (node.type === "Literal") return typeof node.value === "string" ? node.value : null;
  return node.type === "TemplateLiteral" ? source.slice(node.start + 1, node.end - 1) : null;
}

/**
 * Every text in a source file that a reader may see: strings, templates and words between tags.
 *
 * @param file its path, which decides how it is parsed
 * @param source its content
 * @returns texts in order; single words in small letters are left out
 */
export function textsOf(file: string, source: string): UserText[] {
  const { program, errors } = parseSync(file, source);
  if (errors.length > 0) throw new Error(`${file}: ${errors[0]!.message}`);
  const texts: UserText[] = [];
  const visit = (value: unknown): void => {
    if (Array.isArray(value)) for (const child of value) visit(child);
    if (!isNode(value) || isSilent(value)) return;
    const text = written(value, source);
    if (text !== null && isText(text))
      texts.push({ file, line: source.slice(0, value.start).split("\n").length, text });
    for (const child of Object.values(value)) visit(child);
  };
  visit(program);
  return texts;
}
