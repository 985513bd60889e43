/** Sets the globals of a page in memory, as the test runner does for tests of the interface. */
import { GlobalWindow } from "happy-dom";

const window = new GlobalWindow({
  url: "http://localhost:3000",
  width: 1024,
  height: 768,
}) as unknown as Record<string, unknown>;
/** Node has these names too; the tests need those of the page. */
const ofThePage = new Set([
  "AbortController",
  "AbortSignal",
  "CustomEvent",
  "Event",
  "EventTarget",
  "FormData",
  "Headers",
  "MessageEvent",
  "Request",
  "Response",
  "fetch",
  "navigator",
]);
const names = new Set<string>();
for (
  let owner: object | null = window;
  owner !== null && owner !== Object.prototype;
  owner = Object.getPrototypeOf(owner)
)
  for (const name of Object.getOwnPropertyNames(owner)) names.add(name);
for (const name of names) {
  if (name in globalThis && !ofThePage.has(name)) continue;
  const value = window[name];
  // Functions such as addEventListener must be called on the window; classes need not.
  const bound = typeof value === "function" && /^[a-z]/.test(name) ? value.bind(window) : value;
  Object.defineProperty(globalThis, name, { value: bound, configurable: true, writable: true });
}
for (const name of ["window", "self", "top", "parent"])
  Object.defineProperty(globalThis, name, { value: globalThis, configurable: true, writable: true });
