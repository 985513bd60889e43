/** Secret of a proxy in front of the server, until there are accounts. */
import { randomBytes } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";

/** Reads the secret, created at the first start behind a proxy; prints its place. */
export function proxySecret(file: string, say: (line: string) => void): string {
  if (!existsSync(file))
    writeFileSync(file, `${randomBytes(24).toString("hex")}\n`, { mode: 0o600, flag: "wx" });
  say(
    `The server answers only what the proxy sends with the header X-Proven-Seat-Proxy; its value is in ${file}. ALLOWED_HOSTS names the hosts it is asked for by.`,
  );
  return readFileSync(file, "utf8").trim();
}
