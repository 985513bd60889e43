import { Writable } from "node:stream";
import { type Logger, pino } from "pino";

/** A log to read in a test. */
export function logged(level = "info"): { readonly log: Logger; text: string } {
  const kept = { log: pino({ level }, new Writable({ write })), text: "" };
  function write(chunk: unknown, _encoding: string, done: () => void) {
    kept.text += chunk;
    done();
  }
  return kept;
}
