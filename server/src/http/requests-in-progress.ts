import type { RequestHandler, Response } from "express";

/** Requests in progress, for waiting until there are none. */
export class RequestsInProgress {
  #count = 0;
  #ending = false;
  readonly #answers = new Set<Response>();
  #waiting: (() => void)[] = [];

  /** Counts a request while it is worked on, even after the client has left. */
  async during<Result>(work: () => Promise<Result>): Promise<Result> {
    this.#count++;
    try {
      return await work();
    } finally {
      this.#count--;
      if (this.#count === 0) for (const tell of this.#waiting.splice(0)) tell();
    }
  }

  /** Resolves when no request is in progress. */
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

  /** From now on a connection closes after its answer: a client that reuses it would keep the server from ending. */
  end(): void {
    this.#ending = true;
    for (const answer of this.#answers) answer.shouldKeepAlive = false;
  }
}
