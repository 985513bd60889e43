/// <reference path="../fake-timers.d.ts" />
/** Replaces the test runner inside a mutated bundle: collects tests so that chosen ones can be run. */
import { readFileSync } from "node:fs";
import { setTimeout as sleep } from "node:timers/promises";
import FakeTimers, { type Clock } from "@sinonjs/fake-timers";
import { chai, JestAsymmetricMatchers, JestChaiExpect, JestExtend } from "@vitest/expect";
import { fn, restoreAllMocks, spyOn } from "@vitest/spy";

chai.use(JestExtend);
chai.use(JestChaiExpect);
chai.use(JestAsymmetricMatchers);

/** Repeats a check until it passes, for up to a minute. */
async function eventually<T>(check: () => T | Promise<T>): Promise<T> {
  for (const until = Date.now() + 60_000; ; ) {
    try {
      return await check();
    } catch (error) {
      if (Date.now() > until) throw error;
      await sleep(20);
    }
  }
}

const own = (value: unknown, message?: string) => chai.expect(value, message);
const poll = (value: () => unknown) =>
  new Proxy(
    {},
    {
      get:
        (_, matcher: string) =>
        (...wanted: unknown[]) =>
          eventually(async () =>
            (own(await value()) as never as Record<string, (...w: unknown[]) => void>)[matcher]!(...wanted),
          ),
    },
  );
/** `expect` with the library's own additions, such as `expect.stringContaining`. */
export const expect = Object.assign(own, chai.expect, { poll }) as unknown as typeof chai.expect;
const matchers = {
  async toMatchFileSnapshot(received: string, file: string) {
    return { pass: received === readFileSync(file, "utf8"), message: () => `differs from ${file}` };
  },
};
(chai.expect as unknown as { extend: (received: unknown, more: object) => void }).extend(expect, matchers);

type Body = () => unknown;
interface Scope {
  readonly name: string;
  readonly within: Scope | null;
  readonly before: Body[];
  readonly beforeEach: Body[];
  readonly afterEach: Body[];
  readonly after: Body[];
}

/** The unit that is run: one test, or a whole file if its tests share a beforeAll. */
export interface Test {
  readonly name: string;
  readonly run: () => Promise<void>;
}

const scopeOf = (name: string, within: Scope | null): Scope => ({
  name,
  within,
  before: [],
  beforeEach: [],
  afterEach: [],
  after: [],
});
const files: {
  readonly file: string;
  readonly scopes: Scope[];
  readonly cases: { scope: Scope; name: string; body: Body }[];
}[] = [];
let here = scopeOf("", null);

/** Says which file the next tests belong to. */
export function begin(file: string): void {
  here = scopeOf(file, null);
  files.push({ file, scopes: [here], cases: [] });
}

const chain = (scope: Scope | null): Scope[] => (scope === null ? [] : [...chain(scope.within), scope]);

async function runCase({ scope, body }: { scope: Scope; body: Body }): Promise<void> {
  const scopes = chain(scope);
  try {
    for (const { beforeEach } of scopes) for (const hook of beforeEach) await hook();
    await body();
  } finally {
    for (const { afterEach } of [...scopes].reverse())
      for (const hook of [...afterEach].reverse()) await hook();
  }
}

/** All collected tests in order. */
export function gathered(): Test[] {
  return files.flatMap(({ file, scopes, cases }) => {
    if (scopes.every(({ before, after }) => before.length + after.length === 0))
      return cases.map((testCase) => ({ name: `${file} › ${testCase.name}`, run: () => runCase(testCase) }));
    const run = async () => {
      try {
        for (const { before } of scopes) for (const hook of before) await hook();
        for (const testCase of cases) await runCase(testCase);
      } finally {
        for (const { after } of [...scopes].reverse()) for (const hook of after) await hook();
      }
    };
    return cases.length === 0 ? [] : [{ name: file, run }];
  });
}

export const beforeAll = (hook: Body): void => void here.before.push(hook);
export const afterAll = (hook: Body): void => void here.after.push(hook);
export const beforeEach = (hook: Body): void => void here.beforeEach.push(hook);
export const afterEach = (hook: Body): void => void here.afterEach.push(hook);

/** Named with the values of a row, as the runner does. */
const filled = (name: string, row: readonly unknown[]) => `${name} ${row.map(String).join(", ")}`;
/** Options such as a timeout may precede the body of a test. */
const bodyOf = (asked: object | Body, body?: Body): Body => body ?? (asked as Body);

export function describe(name: string, asked: object | Body, body?: Body): void {
  here = scopeOf(name, here);
  files.at(-1)!.scopes.push(here);
  bodyOf(asked, body)();
  here = here.within!;
}
export function it(name: string, asked: object | Body, body?: Body): void {
  const names = chain(here)
    .slice(1)
    .map((scope) => scope.name);
  files.at(-1)!.cases.push({ scope: here, name: [...names, name].join(" › "), body: bodyOf(asked, body) });
}
const rowOf = (row: unknown): readonly unknown[] => (Array.isArray(row) ? row : [row]);
it.each =
  (rows: readonly unknown[]) =>
  (name: string, asked: object | ((...row: never[]) => unknown), body?: (...row: never[]) => unknown) => {
    const run = body ?? (asked as (...row: never[]) => unknown);
    for (const row of rows) it(filled(name, rowOf(row)), () => run(...(rowOf(row) as never[])));
  };
describe.each =
  (rows: readonly unknown[]) =>
  (name: string, asked: object | ((...row: never[]) => void), body?: (...row: never[]) => void) => {
    const run = body ?? (asked as (...row: never[]) => void);
    for (const row of rows) describe(filled(name, rowOf(row)), () => run(...(rowOf(row) as never[])));
  };
/** Skips tests whose condition is false. */
const none = Object.assign(() => undefined, { each: () => () => undefined });
it.runIf = (is: boolean) => (is ? it : none);
describe.runIf = (is: boolean) => (is ? describe : none);

/** A value provided by the set-up, such as the address of the database. */
export const inject = (name: string): unknown =>
  (JSON.parse(process.env.PROVIDED ?? "{}") as Record<string, unknown>)[name];

const replaced = new Map<string, PropertyDescriptor | undefined>();
function putBack(): void {
  for (const [name, was] of replaced)
    if (was) Object.defineProperty(globalThis, name, was);
    else Reflect.deleteProperty(globalThis, name);
  replaced.clear();
}
let clock: Clock | null = null;
export const vi = {
  useFakeTimers(options?: { shouldAdvanceTime?: boolean; toFake?: string[] }): void {
    clock?.uninstall();
    clock = FakeTimers.install(options);
  },
  useRealTimers(): void {
    clock?.uninstall();
    clock = null;
  },
  advanceTimersByTimeAsync: async (ms: number) => void (await clock!.tickAsync(ms)),
  fn,
  spyOn,
  restoreAllMocks,
  waitFor: eventually,
  stubGlobal(name: string, value: unknown): void {
    if (!replaced.has(name)) replaced.set(name, Object.getOwnPropertyDescriptor(globalThis, name));
    Object.defineProperty(globalThis, name, { value, configurable: true, writable: true });
  },
  unstubAllGlobals: putBack,
};
