/** The demo scenario read from its files: shelf and tags. */
import { readdirSync, readFileSync } from "node:fs";
import { defaultHouseRules } from "../src/basis/house/house-rules.ts";
import type { Duty } from "../src/duty/statement/duty.ts";
import { storedDutySchema } from "../src/duty/versions/kind.ts";
import { readCatalogue } from "../src/equipment/catalogue/check.ts";
import { compileShelf } from "../src/equipment/catalogue/shelf.ts";
import { type Proof, prove } from "../src/judgement/proof/prove.ts";
import type { Finding } from "../src/judgement/rules/found.ts";

const demo = new URL("../../demo/", import.meta.url);
const json = (path: string) => JSON.parse(readFileSync(new URL(path, demo), "utf8"));
const files = (folder: string) =>
  readdirSync(new URL(`catalogue/${folder}/`, demo)).map((name) => ({
    name,
    content: json(`catalogue/${folder}/${name}`),
  }));

const reading = readCatalogue(
  { name: "catalogue.json", content: json("catalogue/catalogue.json") },
  files("lines"),
  files("drives"),
  files("accessories"),
);
export const demoCatalogue = reading.catalogue!;
export const demoShelf = compileShelf(demoCatalogue);
export const demoTags: readonly { number: string; service: string; duty: Duty }[] = json(
  "tarn-ness.json",
).tags.map((t: { number: string; service: string; duty: unknown }) => ({
  number: t.number,
  service: t.service,
  duty: storedDutySchema.parse(t.duty),
}));
export const demoDuty = (number: string): Duty => demoTags.find((t) => t.number === number)!.duty;

const proofs = new Map<string, Proof>();
/** The proof of a demo tag by the default house rules, made once for all test files that share a realm. */
export function demoProof(number: string): Proof {
  const known = proofs.get(number) ?? prove(demoDuty(number), demoShelf, defaultHouseRules());
  proofs.set(number, known);
  return known;
}

/** Candidates share outcomes: each once, from the fewest candidates that have them all. */
export function differentFindings(proof: Proof): Set<Finding> {
  const seen = new Map<unknown, Finding>();
  const parts = new Set<string>();
  for (const c of proof.candidates) {
    const { line, size, grade, cavity, trim, seat, seals } = c.valve;
    const sizeKey = `${line.id} ${size.dn} ${size.designation}`;
    const unseen = [
      `body ${sizeKey} ${grade.grade} ${cavity.id} ${seat.material.id}`,
      `seals ${sizeKey} ${seals.id}`,
      `trim ${sizeKey} ${trim.id} ${seat.material.id}`,
      `pair ${sizeKey} ${cavity.id} ${seat.material.id} ${c.drive?.key}`,
    ].filter((part) => !parts.has(part));
    if (unseen.length === 0) continue;
    for (const part of unseen) parts.add(part);
    for (const f of c.findings) if (!seen.has(f.outcome)) seen.set(f.outcome, f);
  }
  return new Set(seen.values());
}
