/** `npm run faults -- [seconds] [seed]`: the long round of faults by hand; prints its actions and every fault found. */
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { build } from "./build.ts";
import { faultRound } from "./faults/round.ts";

const [seconds = "600", seed = String(Date.now() % 1e6)] = process.argv.slice(2);
build();
const data = mkdtempSync(join(tmpdir(), "faults-"));
chmodSync(data, 0o755);
const outcome = await faultRound({ seconds: Number(seconds), data, seed: Number(seed) });
rmSync(data, { recursive: true, force: true });
console.log(JSON.stringify({ seconds: Number(seconds), seed: Number(seed), ...outcome }, null, 1));
process.exit(outcome.wrong.length === 0 ? 0 : 1);
