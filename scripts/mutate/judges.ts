import { type ChildProcess, fork } from "node:child_process";

/** The answer of a process; "in circles" after a timeout, "ended" if the process died. */
export type Answer<T> = { readonly result: T } | "in circles" | "ended";

const answerOf = <T>(child: ChildProcess, withinMs: number): Promise<Answer<T>> =>
  new Promise((done, failed) => {
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

/**
 * Runs each request in a new process with the bundle loaded, because values that one mutant leaves in a cache would change
 * the result of the next. The next process loads while the current one works.
 */
export class Judge {
  readonly #program: string;
  readonly #env: NodeJS.ProcessEnv;
  #next: ChildProcess;

  constructor(program: string, env: NodeJS.ProcessEnv) {
    this.#program = program;
    this.#env = env;
    this.#next = this.#start();
  }

  #start(): ChildProcess {
    return fork(this.#program, {
      stdio: ["ignore", "ignore", process.env.MUTATE_LOUD ? "inherit" : "ignore", "ipc"],
      env: this.#env,
      // The bundle is plain JavaScript and needs no loader.
      execArgv: [],
    });
  }

  /** Sends a request to the next process and waits for the answer, at most `withinMs`. */
  async ask<T>(question: object, withinMs: number): Promise<Answer<T>> {
    const child = this.#next;
    try {
      if (!child.connected) throw new Error("the bundle of tests ended while it was loaded");
      child.send(question);
      const answer = answerOf<T>(child, withinMs);
      this.#next = this.#start();
      return await answer;
    } finally {
      child.kill("SIGKILL");
    }
  }

  end(): void {
    this.#next.kill("SIGKILL");
  }
}
