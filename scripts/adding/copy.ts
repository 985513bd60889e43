/** What adding one thing does to the files of the product, and what shows that it arrived. */
export interface Addition {
  /** As the table in docs/house.md names it. */
  readonly what: string;
  /** What else has to be said of it: a command to run, a test that sees it arrive. */
  readonly remark?: string;
  readonly does: (files: Files) => void;
  /** Statements that throw where it did not arrive; `assert` is Node's strict one. None where the compiler shows it. */
  readonly shows?: string;
}

/** Files of the product as they would be with additions made. */
export class Files {
  readonly #read: (path: string) => string | null;
  readonly changed = new Map<string, string>();

  /** @param read text of a file as it stands; null where there is none */
  constructor(read: (path: string) => string | null) {
    this.#read = read;
  }

  #text(path: string): string | null {
    return this.changed.get(path) ?? this.#read(path);
  }

  /** A new file. */
  add(path: string, text: string): void {
    if (this.#text(path) !== null) throw new Error(`${path} is there already`);
    this.changed.set(path, text);
  }

  /** Puts another text in the one place where a text stands in a file. */
  replace(path: string, place: string, by: string): void {
    const text = this.#text(path);
    if (text === null || text.split(place).length !== 2)
      throw new Error(`${path} does not have ${JSON.stringify(place)} exactly once`);
    this.changed.set(
      path,
      text.replace(place, () => by),
    );
  }

  /** Puts a line before the one place where a text stands in a file. */
  before(path: string, place: string, line: string): void {
    this.replace(path, place, `${line}${place}`);
  }

  /** Puts a row at the end of a table. */
  append(path: string, row: string): void {
    const text = this.#text(path);
    if (text === null) throw new Error(`${path} is not there`);
    this.changed.set(path, `${text.trimEnd()}\n${row}\n`);
  }

  /** Puts a line into a list and its import before the first import of the file. */
  enter(path: string, importLine: string, place: string, line: string): void {
    this.before(path, place, line);
    this.changed.set(path, `${importLine}\n${this.changed.get(path)!}`);
  }
}
