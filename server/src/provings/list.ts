import type { Choice } from "@proven-seat/contract";
import {
  type ChoiceKeys,
  digestOf,
  type ListedProof,
  marksOf,
  proveForList,
  summarise,
} from "@proven-seat/core/judgement/proof";
import { type Reader, rowsOf } from "../store/sql.ts";
import { dutyOf } from "../store/stored.ts";
import type { ProvingKind, Ready } from "./kind.ts";

interface Row {
  id: string;
  version: number;
  duty: unknown;
  choice: Choice | null;
  input_digest: string | null;
}

const staleTags = `from tag t left join tag_result r on r.tag_id = t.id and r.basis_id = ?
  where t.project_id = ? and (r.tag_version is null or r.tag_version <> t.version)`;

/** Of what the proof of a tag is made: with the same, it is not proved again. */
const digestFor = (duty: unknown, choice: ChoiceKeys | null, { digest }: Ready): string =>
  digestOf({ duty, choice: choice && { valve: choice.valve, drive: choice.drive }, by: digest });

/**
 * How long what was found is kept in hand: on a machine with much else to do a chunk takes minutes, others wait to see
 * how far it is, and a prover that is ended takes with it what it has in hand.
 */
const keptEveryMs = 1000;

const store = (em: Reader, basis: number, made: readonly object[]) =>
  rowsOf(
    em,
    `insert into tag_result (tag_id, basis_id, tag_version, input_digest, summary, marks, proved_at)
     select n.id, ?, n.version, n.digest, n.summary, n.marks, now()
       from jsonb_to_recordset(?::jsonb) as n (id uuid, version int, digest text, summary jsonb, marks jsonb)
       join tag t on t.id = n.id for key share of t
     on conflict (tag_id, basis_id) do update set tag_version = excluded.tag_version,
       input_digest = excluded.input_digest, summary = excluded.summary, marks = excluded.marks,
       proved_at = excluded.proved_at
       where tag_result.tag_version < excluded.tag_version`,
    [basis, JSON.stringify(made)],
  );

/** Tags of a project, each as a line of the line-up. */
export const list: ProvingKind = {
  stale: async (db, project, basis) =>
    (
      await rowsOf<{ id: string }>(
        db,
        // From the top, as it is read; tags with one duty come with the first of them and share a proof.
        `select id from (
           select t.id, t.number, min(t.number) over (partition by md5(t.duty::text)) as first ${staleTags}) s
          order by first, number`,
        [basis, project],
      )
    ).map(({ id }) => id),

  countStale: async (db, project, basis) =>
    Number((await rowsOf<{ n: string }>(db, `select count(*) as n ${staleTags}`, [basis, project]))[0]!.n),

  foundSince: async (db, project, basis, since) =>
    (
      await rowsOf<{ found: boolean }>(
        db,
        `select exists (select from tag_result r join tag t on t.id = r.tag_id
         where t.project_id = ? and r.basis_id = ? and r.proved_at > ?) as found`,
        [project, basis, since],
      )
    )[0]!.found,

  prove: async (em, ids, by, wanted) => {
    const rows = await rowsOf<Row>(
      em,
      `select t.id, t.version, t.duty, t.choice, r.input_digest
         from tag t left join tag_result r on r.tag_id = t.id and r.basis_id = ?
        where t.id = any(?::uuid[]) and (r.tag_version is null or r.tag_version <> t.version)
        order by array_position(?::uuid[], t.id)`,
      [by.id, `{${ids.join()}}`, `{${ids.join()}}`],
    );
    const last: { of: string; proof: ListedProof | null } = { of: "", proof: null };
    const made: object[] = [];
    let kept = Date.now();
    const keep = async () => {
      await store(em, by.id, made.splice(0));
      kept = Date.now();
    };
    // One that cannot be proved keeps none of the others back.
    let failure: unknown = null;
    for (const { id, version, duty: stored, choice, input_digest } of rows) {
      if (!(await wanted())) break;
      if (Date.now() - kept > keptEveryMs) await keep();
      try {
        const duty = dutyOf({ duty: stored });
        const digest = digestFor(duty, choice, by);
        if (digest === input_digest) {
          await rowsOf(em, "update tag_result set tag_version = ? where tag_id = ? and basis_id = ?", [
            version,
            id,
            by.id,
          ]);
          continue;
        }
        const of = JSON.stringify(stored);
        if (last.proof === null || last.of !== of)
          Object.assign(last, { of, proof: proveForList(duty, by.shelf, by.house) });
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
