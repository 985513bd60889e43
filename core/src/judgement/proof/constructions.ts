import type { Construction } from "../../construction/bodies/construction.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { gravityOf } from "../rules/finding.ts";
import type { Finding } from "../rules/found.ts";
import type { ProvenCandidate } from "./candidate.ts";
import type { Proof } from "./prove.ts";

/** How one construction fares with what the catalogue offers of it. */
export interface ConstructionStanding {
  readonly construction: Construction;
  readonly considered: number;
  readonly standing: number;
  /** Best of its candidates; null where the catalogue has none in this size. */
  readonly best: ProvenCandidate | null;
  /** Where none stands: what the best one falls on, the body's question before the others'. */
  readonly fallsOn: Finding | null;
}

/**
 * Candidates of a proof gathered by construction.
 *
 * @param proof a proof, candidates best first
 * @returns every construction in the order people weigh them, offered or not
 * @source the proof
 */
export function constructionsIn(proof: Proof): ConstructionStanding[] {
  const gathered = new Map<string, { considered: number; standing: number; best: ProvenCandidate }>();
  for (const candidate of proof.candidates) {
    const id = candidate.valve.construction.id;
    const stands = gravityOf(candidate.verdict) < gravityOf("fails") ? 1 : 0;
    const so = gathered.get(id);
    if (!so) gathered.set(id, { considered: 1, standing: stands, best: candidate });
    else {
      so.considered += 1;
      so.standing += stands;
    }
  }
  return constructions.map((construction) => {
    const so = gathered.get(construction.id);
    if (!so) return { construction, considered: 0, standing: 0, best: null, fallsOn: null };
    return { construction, ...so, fallsOn: so.standing === 0 ? (so.best.failing[0] ?? null) : null };
  });
}
