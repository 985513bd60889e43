/** Stands in for the test runner inside a mutated bundle: gathers tests, so that they can be run again and again. */
import { chai, JestAsymmetricMatchers, JestChaiExpect, JestExtend } from "@vitest/expect";

chai.use(JestExtend);
chai.use(JestChaiExpect);
chai.use(JestAsymmetricMatchers);

/** What `expect` knows besides being called, such as `expect.stringContaining`, stands on the library's own. */
export const expect = Object.assign(
  (value: unknown, message?: string) => chai.expect(value, message),
  chai.expect,
) as typeof chai.expect;

export interface Test {
  readonly name: string;
  readonly run: () => unknown;
}
export const tests: Test[] = [];
const path: string[] = [];

/** Named with the values of a row, as the runner does. */
const filled = (name: string, row: readonly unknown[]) => `${name} ${row.map(String).join(", ")}`;

type Body = () => unknown;
/** Options such as a timeout may stand before the body of a test. */
const bodyOf = (asked: object | Body, body?: Body): Body => body ?? (asked as Body);

export function describe(name: string, asked: object | Body, body?: Body): void {
  path.push(name);
  bodyOf(asked, body)();
  path.pop();
}
export function it(name: string, asked: object | Body, body?: Body): void {
  tests.push({ name: [...path, name].join(" › "), run: bodyOf(asked, body) });
}
const rowOf = (row: unknown): readonly unknown[] => (Array.isArray(row) ? row : [row]);
it.each = (rows: readonly unknown[]) => (name: string, run: (...row: never[]) => unknown) => {
  for (const row of rows) it(filled(name, rowOf(row)), () => run(...(rowOf(row) as never[])));
};
describe.each = (rows: readonly unknown[]) => (name: string, body: (...row: never[]) => void) => {
  for (const row of rows) describe(filled(name, rowOf(row)), () => body(...(rowOf(row) as never[])));
};
/** Skips tests whose condition is false. */
const none = Object.assign(() => undefined, { each: () => () => undefined });
it.runIf = (is: boolean) => (is ? it : none);
describe.runIf = (is: boolean) => (is ? describe : none);
