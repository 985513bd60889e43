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

/** Inputs of a tag's proof: with equal inputs it is not proved again. */
const digestFor = (duty: unknown, choice: ChoiceKeys | null, { digest }: Ready): string =>
  digestOf({ duty, choice: choice && { valve: choice.valve, drive: choice.drive }, by: digest });

/**
 * How long results stay in memory: on a busy machine a chunk takes minutes, users wait for progress, and a worker that
 * is killed loses what it has in memory.
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
    // One failing record must not hold up the others.
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
