import { type ChildProcess, spawn } from "node:child_process";
import { buffer } from "node:stream/consumers";
import { JobNotDone } from "../jobs/jobs.ts";
import { pictureProgram } from "../places.ts";
import { Refusal } from "../work/refusal.ts";
import { pictureKind } from "./kind.ts";
import { argumentsOf, endings, mostPixels, type PictureLimits } from "./reducer-process.ts";

export interface PicturesOptions extends Partial<PictureLimits> {
  /** Pictures decoded at once. */
  readonly atOnce?: number;
  /** Pictures that may wait besides. */
  readonly queue?: number;
  /** Program of the process; the built one by default. */
  readonly program?: string;
}

const noPicture = () =>
  new Refusal(
    "no-picture",
    `The picture cannot be read. Use JPEG, PNG or WebP of one frame with at most ${mostPixels / 1e6} megapixels. Nothing was stored.`,
  );
const tooDemanding = () =>
  new Refusal(
    "no-picture",
    "The picture takes too much time or memory to read. Save it again as a plain JPEG. Nothing was stored.",
  );

/** Reduces foreign pictures, each in a process of its own with limits, few at once. */
export class Pictures {
  readonly #options: Required<PicturesOptions>;
  readonly #running = new Set<ChildProcess>();
  readonly #waiting: (() => void)[] = [];
  #taken = 0;

  constructor(options: PicturesOptions = {}) {
    this.#options = {
      atOnce: 2,
      queue: 16,
      memoryMb: 700,
      timeoutMs: 15_000,
      program: pictureProgram,
      ...options,
    };
  }

  /** Processes that run now. */
  get running(): number {
    return this.#running.size;
  }

  /**
   * A picture as it is stored: upright, no larger than needed, without the camera's metadata.
   *
   * @param original bytes of a file somebody sent
   * @param signal ends the work when the client leaves
   * @returns a JPEG
   * @throws Refusal where it is no photograph or exceeds a limit; JobNotDone where too many wait, or the client left
   */
  async reduce(original: Uint8Array, signal: AbortSignal): Promise<Buffer> {
    if (pictureKind(original) === null) throw noPicture();
    await this.#turn(signal);
    try {
      return await this.#decode(original, signal);
    } finally {
      this.#free();
    }
  }

  /** Takes one of the few places, or waits until one is handed over. */
  async #turn(signal: AbortSignal): Promise<void> {
    const { atOnce, queue } = this.#options;
    if (signal.aborted) throw new JobNotDone("gone");
    if (this.#taken < atOnce) {
      this.#taken++;
      return;
    }
    if (this.#waiting.length >= queue) throw new JobNotDone("queue-full");
    await new Promise<void>((given, failed) => {
      const leave = () => {
        this.#waiting.splice(this.#waiting.indexOf(take), 1);
        failed(new JobNotDone("gone"));
      };
      const take = () => {
        signal.removeEventListener("abort", leave);
        given();
      };
      this.#waiting.push(take);
      signal.addEventListener("abort", leave, { once: true });
    });
  }

  /** Hands the place over to the one that waits longest. */
  #free(): void {
    const next = this.#waiting.shift();
    if (next) next();
    else this.#taken--;
  }

  async #decode(original: Uint8Array, signal: AbortSignal): Promise<Buffer> {
    const { program, timeoutMs } = this.#options;
    // Without the server's environment: it holds the password of the database.
    const child = spawn(process.execPath, [program, ...argumentsOf(this.#options)], {
      stdio: ["pipe", "pipe", "ignore"],
      env: {},
    });
    this.#running.add(child);
    const kill = () => child.kill("SIGKILL");
    // Its own clock ends it before, unless the decoder holds its loop.
    const late = setTimeout(kill, timeoutMs + 1000);
    signal.addEventListener("abort", kill, { once: true });
    if (signal.aborted) kill();
    try {
      // A process that ended early does not take the rest.
      child.stdin.on("error", () => undefined).end(original);
      const ended = new Promise<number | null>((done, failed) =>
        child.once("close", done).once("error", failed),
      );
      const jpeg = await buffer(child.stdout);
      const code = await ended;
      if (code === endings.done) return jpeg;
      if (signal.aborted) throw new JobNotDone("gone");
      throw code === endings.unreadable ? noPicture() : tooDemanding();
    } finally {
      clearTimeout(late);
      signal.removeEventListener("abort", kill);
      this.#running.delete(child);
    }
  }

  close(): void {
    for (const child of this.#running) child.kill("SIGKILL");
  }
}
