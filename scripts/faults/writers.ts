/** Writers that run while processes are killed, with everything they were told is stored. */
import { emptyDuty } from "@proven-seat/core/duty";

export interface Tag {
  readonly id: string;
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: Record<string, unknown>;
  readonly choice: unknown;
  readonly version: number;
}

interface Answer {
  readonly status: number;
  readonly body: Record<string, unknown>;
}

/** An answer, or null where the connection broke: then it is unknown whether it was done. */
export async function ask(url: string, method: string, path: string, body?: unknown): Promise<Answer | null> {
  try {
    const answer = await fetch(url + path, {
      method,
      signal: AbortSignal.timeout(15_000),
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
    });
    const text = await answer.text();
    return { status: answer.status, body: text === "" ? {} : JSON.parse(text) };
  } catch {
    return null;
  }
}

/** Everything acknowledged, and every wrong answer. */
export interface Ledger {
  /** Text of each acknowledged version of each tag. */
  readonly saves: Map<string, Map<number, string>>;
  readonly lists: { readonly numbers: readonly string[]; readonly acknowledged: boolean }[];
  readonly sheets: string[];
  readonly counts: Record<string, number>;
  readonly wrong: string[];
}

export const newLedger = (): Ledger => ({ saves: new Map(), lists: [], sheets: [], counts: {}, wrong: [] });

const mayBe = new Set([200, 201, 404, 409, 503]);

function note(ledger: Ledger, what: string, answer: Answer | null): void {
  const as = answer === null ? "broken off" : String(answer.status);
  ledger.counts[`${what} ${as}`] = (ledger.counts[`${what} ${as}`] ?? 0) + 1;
  if (answer !== null && !mayBe.has(answer.status))
    ledger.wrong.push(`${what}: ${answer.status} ${JSON.stringify(answer.body).slice(0, 300)}`);
}

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Saves one tag again and again, as autosave does; after a lost answer it reads the tag. */
export async function saver(url: string, start: Tag, ledger: Ledger, over: () => boolean): Promise<void> {
  let tag = start;
  const mine = new Map<number, string>();
  ledger.saves.set(tag.id, mine);
  for (let n = 0; !over(); n++) {
    const service = `save ${n}`;
    const { number, unit, duty, choice, version } = tag;
    const answer = await ask(url, "PUT", `/api/tags/${tag.id}`, {
      number,
      unit,
      choice,
      version,
      service,
      duty: { ...duty, fluid: { ...(duty.fluid as object), name: service } },
    });
    note(ledger, "save", answer);
    if (answer?.status === 200) {
      tag = answer.body as unknown as Tag;
      mine.set(tag.version, service);
    } else {
      await pause(100);
      const now = await ask(url, "GET", `/api/tags/${tag.id}`);
      if (now?.status === 200) tag = now.body as unknown as Tag;
    }
  }
}

/** Asks for large provings and leaves half-way, which ends the worker thread; every fourth one must be answered. */
export async function prover(
  url: string,
  { duty }: Tag,
  ledger: Ledger,
  over: () => boolean,
  random: () => number,
): Promise<void> {
  const body = JSON.stringify({ duty, limit: 50 });
  for (let n = 0; !over(); n++) {
    if (n % 4 === 3) note(ledger, "proving", await ask(url, "POST", "/api/prove", { duty, limit: 50 }));
    else {
      const leaving = AbortSignal.timeout(Math.round(5 + 120 * random()));
      const headers = { "content-type": "application/json" };
      await fetch(`${url}/api/prove`, { method: "POST", body, headers, signal: leaving })
        .then((answer) => answer.text())
        .then(
          () => note(ledger, "proving", { status: 200, body: {} }),
          () => note(ledger, "proving", null),
        );
    }
    await pause(300);
  }
}

/** Has list and sheets proved again and again; cancels every eighth proving. */
export async function lister(
  url: string,
  project: string,
  ledger: Ledger,
  over: () => boolean,
): Promise<void> {
  const path = `/api/projects/${project}/provings`;
  for (let n = 0; !over(); n++) {
    const begun = await ask(url, "POST", path, { what: n % 3 === 2 ? "sheets" : "list" });
    note(ledger, "list proved", begun);
    if (n % 8 === 7 && begun?.status === 201)
      note(ledger, "proving given up", await ask(url, "DELETE", `${path}/${begun.body.id}`));
    await pause(700);
  }
}

/**
 * Whether list and sheets are proved completely, whatever was killed before. A slow machine takes longer: it has failed
 * only where there is no progress for this many seconds.
 */
export async function allProved(url: string, project: string, seconds: number): Promise<boolean> {
  let fewest = Number.POSITIVE_INFINITY;
  for (let still = 0; still < seconds; still++) {
    let left = 0;
    for (const what of ["list", "sheets"]) {
      const proving = (await ask(url, "POST", `/api/projects/${project}/provings`, { what }))?.body;
      // Nothing in progress means nothing left; a failed request counts as no progress.
      left += proving ? Number(proving.total) - Number(proving.done) : Number.POSITIVE_INFINITY;
      if (proving && proving.state !== "done") left = Math.max(left, 1);
    }
    if (left === 0) return true;
    if (left < fewest) {
      fewest = left;
      still = 0;
    }
    await pause(1000);
  }
  return false;
}

const listed = 60;

/** Imports one list of new tags after the other. */
export async function importer(
  url: string,
  project: string,
  ledger: Ledger,
  over: () => boolean,
): Promise<void> {
  for (let n = 0; !over(); n++) {
    const numbers = Array.from({ length: listed }, (_, i) => `L${n}-${i}`);
    const tags = numbers.map((number) => ({ number, service: "", unit: "", duty: emptyDuty }));
    const answer = await ask(url, "POST", `/api/projects/${project}/imports`, { tags });
    note(ledger, "list", answer);
    ledger.lists.push({ numbers, acknowledged: answer?.status === 201 });
    await pause(150);
  }
}

/** Issues sheets of one tag, each with a key of its own, repeated until it is answered. */
export async function issuer(url: string, start: Tag, ledger: Ledger, over: () => boolean): Promise<void> {
  for (let n = 0; !over(); n++) {
    const now = await ask(url, "GET", `/api/tags/${start.id}`);
    if (now?.status !== 200) {
      await pause(100);
      continue;
    }
    const tag = now.body as unknown as Tag;
    const { number, unit, duty, choice } = tag;
    const saved = await ask(url, "PUT", `/api/tags/${tag.id}`, {
      number,
      unit,
      duty,
      choice,
      version: tag.version,
      service: `issue ${n}`,
    });
    if (saved?.status !== 200) continue;
    const body = { version: saved.body.version, askedWith: `key-${start.id}-${n}` };
    for (let tries = 0; tries < 20; tries++) {
      const answer = await ask(url, "POST", `/api/tags/${tag.id}/sheets`, body);
      note(ledger, "issue", answer);
      if (answer?.status === 201) ledger.sheets.push(answer.body.id as string);
      if (answer !== null && answer.status !== 503) break;
      await pause(200);
    }
  }
}
