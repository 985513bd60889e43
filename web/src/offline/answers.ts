import { createStore, delMany, get, set, update } from "idb-keyval";

/** A stored answer of the server. */
export interface KeptAnswer {
  /** Time of the answer, ms since 1970. */
  readonly at: number;
  /** The build that asked: another build may expect another shape. */
  readonly build: string;
  readonly data: unknown;
}

/** Most answers stored on a device; a page needs four or five, most of them shared with its neighbours. */
const mostKept = 400;

/** Time of each answer, by its question, for making room without reading the answers. */
type Times = Readonly<Record<string, number>>;
const times = "times of all";

const place = () => createStore("proven-seat-away", "answers");
let opened: ReturnType<typeof place> | undefined;
const store = () => {
  opened ??= place();
  return opened;
};

/** The build of this page; its name is part of the key. */
const thisBuild = (): string => document.querySelector("script[type=module][src]")?.getAttribute("src") ?? "";

/** Keeps an answer by the question it is to; the oldest make room. */
export async function keepAnswer(question: string, time: number, data: unknown): Promise<void> {
  await set(question, { at: time, build: thisBuild(), data } satisfies KeptAnswer, store());
  let gone: string[] = [];
  await update<Times>(
    times,
    (cached = {}) => {
      const now = Object.entries({ ...cached, [question]: time }).sort(([, a], [, b]) => b - a);
      gone = now.slice(mostKept).map(([key]) => key);
      return Object.fromEntries(now.slice(0, mostKept));
    },
    store(),
  );
  await delMany(gone, store());
}

/** The stored answer to a question from this build; undefined where there is none, or the device stores nothing. */
export async function keptAnswer(question: string): Promise<KeptAnswer | undefined> {
  try {
    const kept = await get<KeptAnswer>(question, store());
    return kept?.build === thisBuild() ? kept : undefined;
  } catch {
    return undefined;
  }
}
