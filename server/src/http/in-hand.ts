import type { RequestHandler, Response } from "express";

/** Requests that are being answered, for whoever has to wait until none is. */
export class InHand {
  #count = 0;
  #ending = false;
  readonly #answers = new Set<Response>();
  #waiting: (() => void)[] = [];

  /** Counts one for as long as it is worked on, also after whoever asked has gone. */
  async during<Result>(work: () => Promise<Result>): Promise<Result> {
    this.#count++;
    try {
      return await work();
    } finally {
      this.#count--;
      if (this.#count === 0) for (const tell of this.#waiting.splice(0)) tell();
    }
  }

  /** When nothing is in hand. */
  async none(): Promise<void> {
    if (this.#count > 0) await new Promise<void>((done) => this.#waiting.push(done));
  }

  /** Knows every answer that is not out yet. */
  readonly know: RequestHandler = (_request, response, next) => {
    this.#answers.add(response);
    response.once("close", () => this.#answers.delete(response));
    if (this.#ending) response.shouldKeepAlive = false;
    next();
  };

  /** From now on a connection ends with its answer: who goes on asking on it would keep the server from ending. */
  end(): void {
    this.#ending = true;
    for (const answer of this.#answers) answer.shouldKeepAlive = false;
  }
}
