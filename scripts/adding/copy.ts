/** One kind of addition: the file changes it needs and a check that it works. */
export interface Addition {
  /** Name in the table of docs/house.md. */
  readonly what: string;
  /** Remark for the table, such as a command to run. */
  readonly remark?: string;
  readonly does: (files: Files) => void;
  /**
   * Statements that throw if the addition does not work; `assert` is Node's strict one. Left out if compiling is
   * enough.
   */
  readonly shows?: string;
}

/** Files of the product with additions, in memory. */
export class Files {
  readonly #read: (path: string) => string | null;
  readonly changed = new Map<string, string>();

  /** @param read present text of a file; null where there is none */
  constructor(read: (path: string) => string | null) {
    this.#read = read;
  }

  #text(path: string): string | null {
    return this.changed.get(path) ?? this.#read(path);
  }

  /** Adds a file. */
  add(path: string, text: string): void {
    if (this.#text(path) !== null) throw new Error(`${path} is there already`);
    this.changed.set(path, text);
  }

  /** Replaces a text that occurs exactly once in a file. */
  replace(path: string, place: string, by: string): void {
    const text = this.#text(path);
    if (text === null || text.split(place).length !== 2)
      throw new Error(`${path} does not have ${JSON.stringify(place)} exactly once`);
    this.changed.set(
      path,
      text.replace(place, () => by),
    );
  }

  /** Inserts a line before a text that occurs exactly once in a file. */
  before(path: string, place: string, line: string): void {
    this.replace(path, place, `${line}${place}`);
  }

  /** Appends a row to a table. */
  append(path: string, row: string): void {
    const text = this.#text(path);
    if (text === null) throw new Error(`${path} is not there`);
    this.changed.set(path, `${text.trimEnd()}\n${row}\n`);
  }

  /** Inserts a line into a list, and an import at the top of the file. */
  enter(path: string, importLine: string, place: string, line: string): void {
    this.before(path, place, line);
    this.changed.set(path, `${importLine}\n${this.changed.get(path)!}`);
  }
}
