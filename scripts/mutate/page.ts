/** Puts a page in memory around the tests of the interface, as their runner does. */
import { GlobalWindow } from "happy-dom";

const window = new GlobalWindow({
  url: "http://localhost:3000",
  width: 1024,
  height: 768,
}) as unknown as Record<string, unknown>;
/** Node has these too, but what a page does with them has to be of the page. */
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
for (let of: object | null = window; of !== null && of !== Object.prototype; of = Object.getPrototypeOf(of))
  for (const name of Object.getOwnPropertyNames(of)) names.add(name);
for (const name of names) {
  if (name in globalThis && !ofThePage.has(name)) continue;
  const value = window[name];
  // A function of the window, such as addEventListener, has to be called on it; a class has not.
  const bound = typeof value === "function" && /^[a-z]/.test(name) ? value.bind(window) : value;
  Object.defineProperty(globalThis, name, { value: bound, configurable: true, writable: true });
}
for (const name of ["window", "self", "top", "parent"])
  Object.defineProperty(globalThis, name, { value: globalThis, configurable: true, writable: true });
