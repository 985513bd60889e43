import type { Construction } from "../../construction/bodies/construction.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { gravityOf } from "../rules/finding.ts";
import type { Finding } from "../rules/found.ts";
import type { ProvenCandidate } from "./candidate.ts";
import type { Proof } from "./prove.ts";

/** Result of one construction over everything the catalogue offers of it. */
export interface ConstructionStanding {
  readonly construction: Construction;
  readonly considered: number;
  readonly standing: number;
  /** Those of `standing` with a *cannot tell*. */
  readonly cannotTell: number;
  /** Best of its candidates; null where the catalogue has none in this size. */
  readonly best: ProvenCandidate | null;
  /** Where none is suitable: the finding that rules out the best one, body findings first. */
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
  const gathered = new Map<
    string,
    { considered: number; standing: number; cannotTell: number; best: ProvenCandidate }
  >();
  for (const candidate of proof.candidates) {
    const id = candidate.valve.construction.id;
    const stands = gravityOf(candidate.verdict) < gravityOf("fails") ? 1 : 0;
    const waits = stands === 1 && candidate.cannotTell > 0 ? 1 : 0;
    const previous = gathered.get(id);
    if (!previous) gathered.set(id, { considered: 1, standing: stands, cannotTell: waits, best: candidate });
    else {
      previous.considered += 1;
      previous.standing += stands;
      previous.cannotTell += waits;
    }
  }
  return constructions.map((construction) => {
    const previous = gathered.get(construction.id);
    if (!previous)
      return { construction, considered: 0, standing: 0, cannotTell: 0, best: null, fallsOn: null };
    return {
      construction,
      ...previous,
      fallsOn: previous.standing === 0 ? (previous.best.failing[0] ?? null) : null,
    };
  });
}
