import {
  type ChoiceKeys,
  digestOf,
  type ListedProof,
  marksOf,
  proveForList,
  summarise,
} from "@proven-seat/core/judgement/proof";
import { TagResult } from "../store/entities/provings.ts";
import { resultsSince } from "../store/results-since.ts";
import { dutyOf } from "../store/stored.ts";
import {
  countStaleTags,
  type NewResult,
  staleAmong,
  staleTagIds,
  storeTagResults,
} from "../store/tag-results.ts";
import type { ProvingKind, Ready } from "./kind.ts";

/** Of what the proof of a tag is made: with the same, it is not proved again. */
const digestFor = (duty: unknown, choice: ChoiceKeys | null, { digest }: Ready): string =>
  digestOf({ duty, choice: choice && { valve: choice.valve, drive: choice.drive }, by: digest });

/**
 * How long what was found is kept in hand: on a machine with much else to do a chunk takes minutes, others wait to see
 * how far it is, and a prover that is ended takes with it what it has in hand.
 */
const keptEveryMs = 1000;

/** Tags of a project, each as a line of the line-up. */
export const list: ProvingKind = {
  stale: staleTagIds,
  countStale: countStaleTags,
  foundSince: resultsSince("tags"),

  prove: async (em, ids, by, wanted) => {
    const rows = await staleAmong(em, ids, by.id);
    const last: { key: string; proof: ListedProof | null } = { key: "", proof: null };
    const made: NewResult[] = [];
    let kept = Date.now();
    const keep = async () => {
      await storeTagResults(em, by.id, made.splice(0));
      kept = Date.now();
    };
    // One that cannot be proved keeps none of the others back.
    let failure: unknown = null;
    for (const { id, version, duty: stored, choice, inputDigest } of rows) {
      if (!(await wanted())) break;
      if (Date.now() - kept > keptEveryMs) await keep();
      try {
        const duty = dutyOf({ duty: stored });
        const digest = digestFor(duty, choice, by);
        if (digest === inputDigest) {
          await em.nativeUpdate(TagResult, { tagId: id, basisId: by.id }, { tagVersion: version });
          continue;
        }
        const key = JSON.stringify(stored);
        if (last.proof === null || last.key !== key)
          Object.assign(last, { of: key, proof: proveForList(duty, by.shelf, by.house) });
        const summary = summarise(duty, choice, by, last.proof!);
        made.push({ id, version, digest, summary, marks: marksOf(summary) });
      } catch (error) {
        failure ??= error;
      }
    }
    await keep();
    if (failure !== null) throw failure;
  },
};
