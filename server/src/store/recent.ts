/** The last few of something, by key; the one longest unused makes room. */
export class Recent<Value> {
  readonly #most: number;
  readonly #held = new Map<string, Value>();

  constructor(most: number) {
    this.#most = most;
  }

  get(key: string): Value | undefined {
    const value = this.#held.get(key);
    if (value === undefined) return undefined;
    this.#held.delete(key);
    this.#held.set(key, value);
    return value;
  }

  set(key: string, value: Value): void {
    this.#held.delete(key);
    if (this.#held.size >= this.#most) this.#held.delete(this.#held.keys().next().value!);
    this.#held.set(key, value);
  }

  delete(key: string): void {
    this.#held.delete(key);
  }
}
