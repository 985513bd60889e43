import { createStore, delMany, get, set, update } from "idb-keyval";

/** What a page was told, as it was told it. */
export interface KeptAnswer {
  /** When the server said so, ms since 1970. */
  readonly at: number;
  /** The build that asked: another one may expect another shape. */
  readonly build: string;
  readonly data: unknown;
}

/** Answers kept on a device; a page wants four or five, most of which it shares with its neighbours. */
const mostKept = 400;

/** When each answer was told, by its question: read to make room without reading the answers. */
type Times = Readonly<Record<string, number>>;
const times = "times of all";

const place = () => createStore("proven-seat-away", "answers");
let opened: ReturnType<typeof place> | undefined;
const store = () => {
  opened ??= place();
  return opened;
};

/** The build this page was made by: its entry bears the name of all that it draws in. */
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

/** What was kept to a question by this build; undefined where nothing was, or the device keeps nothing. */
export async function keptAnswer(question: string): Promise<KeptAnswer | undefined> {
  try {
    const kept = await get<KeptAnswer>(question, store());
    return kept?.build === thisBuild() ? kept : undefined;
  } catch {
    return undefined;
  }
}
