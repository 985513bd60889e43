import { type ChildProcess, fork } from "node:child_process";

/** What a process answers, or how it failed to. */
export type Answer<T> = { readonly result: T } | "in circles" | "ended";

/** A process with one bundle of tests loaded; started again where a mutant takes it down. */
export class Judge {
  readonly #program: string;
  readonly #env: NodeJS.ProcessEnv;
  #child: ChildProcess | null = null;

  constructor(program: string, env: NodeJS.ProcessEnv) {
    this.#program = program;
    this.#env = env;
  }

  /** Asks once the tests are loaded. Takes no longer than it is given, ms. */
  async ask<T>(question: object, withinMs: number): Promise<Answer<T>> {
    if (this.#child === null) {
      this.#child = fork(this.#program, {
        stdio: ["ignore", "ignore", process.env.MUTATE_LOUD ? "inherit" : "ignore", "ipc"],
        env: this.#env,
      });
      const ready = await this.#answer(120_000);
      if (typeof ready === "string") throw new Error(`the bundle of tests ${ready} while it was loaded`);
    }
    this.#child.send(question);
    const answer = await this.#answer<T>(withinMs);
    if (typeof answer === "string") this.end();
    return answer;
  }

  end(): void {
    this.#child?.kill("SIGKILL");
    this.#child = null;
  }

  #answer<T>(withinMs: number): Promise<Answer<T>> {
    const child = this.#child!;
    return new Promise((done, failed) => {
      const timer = setTimeout(() => end("in circles"), withinMs);
      const heard = (message: { result: T; error?: string }) =>
        message.error ? failed(new Error(message.error)) : end({ result: message.result });
      const gone = () => end("ended");
      const end = (answer: Answer<T>) => {
        clearTimeout(timer);
        child.off("message", heard).off("exit", gone);
        done(answer);
      };
      child.on("message", heard).once("exit", gone);
    });
  }
}
