import { useEffect, useState } from "react";
import type { Answer, Asked, AskedProof, Question } from "../workers/asked.ts";
import { PastProof } from "../workers/past-proof.ts";

interface Found<T> {
  readonly proof: AskedProof | null;
  readonly answers: ReadonlyMap<string, T>;
  /** Answers of the proof before, readable until their successors come in. */
  readonly before: ReadonlyMap<string, T>;
  readonly last: T | undefined;
  readonly failure: string | null;
}

export interface Answers<T> {
  /** In the order of the questions; undefined while there is none. */
  readonly answers: readonly (T | undefined)[];
  /** Which of them belong to this proof. */
  readonly current: readonly boolean[];
  /** The last answer, to any of the questions. */
  readonly last: T | undefined;
  readonly failure: string | null;
}

export interface Manner {
  /** Milliseconds before the first question: while a user types, the next proof must not wait behind these. */
  readonly pause?: number;
  /** False where the answers of the proof before would mislead. */
  readonly keep?: boolean;
}

/** Most answers kept of one proof: more than any list needs at once. */
const maximumKept = 200;
const nothing = { proof: null, answers: new Map(), before: new Map(), last: undefined, failure: null };

/** Answers to these questions, from this proof or the one before. */
const answersFor = <T>({ answers, before }: Found<T>, keys: readonly string[]) =>
  new Map(
    keys.flatMap((key) => {
      const known = answers.has(key) ? answers : before;
      return known.has(key) ? [[key, known.get(key)!] as const] : [];
    }),
  );

/**
 * Asks a proof one question after the other, each a short task in the worker, and drops answers that arrive after a
 * newer proof or other questions. An answered question is not asked again.
 */
export function useAnswers<Name extends Question>(
  proof: AskedProof | null,
  name: Name,
  asked: readonly Asked<Name>[],
  { pause = 0, keep = true }: Manner = {},
): Answers<Answer<Name>> {
  const [found, setFound] = useState<Found<Answer<Name>>>(nothing);
  const keys = asked.map((question) => JSON.stringify(question));
  const words = keys.join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the questions are told apart by their words
  useEffect(() => {
    if (proof === null) return;
    let current = true;
    const take = (key: string, answer: Answer<Name>) =>
      setFound((previous) => {
        const same = previous.proof === proof;
        const answers = new Map(same ? previous.answers : []).set(key, answer);
        // A user who walks through hundreds of rows does not need all of them kept.
        if (answers.size > maximumKept) answers.delete(answers.keys().next().value!);
        return {
          proof,
          answers,
          before: same ? previous.before : answersFor(previous, keys),
          last: answer,
          failure: null,
        };
      });
    const askNext = async () => {
      if (pause > 0) await new Promise((resolve) => setTimeout(resolve, pause));
      for (const [index, question] of asked.entries()) {
        if (!current) return;
        if (found.proof === proof && found.answers.has(keys[index]!)) continue;
        const answer = await proof.ask(name, question);
        if (current) take(keys[index]!, answer);
      }
    };
    askNext().catch((error: Error) => {
      if (current && error.name !== PastProof.name)
        setFound((previous) => ({ ...previous, failure: error.message }));
    });
    return () => {
      current = false;
    };
  }, [proof, name, words, pause]);
  const same = found.proof === proof;
  const shown = keep ? answersFor(found, keys) : found.answers;
  return {
    answers: keys.map((key) => (same || keep ? shown.get(key) : undefined)),
    current: keys.map((key) => same && found.answers.has(key)),
    last: found.last,
    failure: found.failure,
  };
}

/** The answer to one question; the previous answer until it arrives. */
export function useAnswer<Name extends Question>(
  proof: AskedProof | null,
  name: Name,
  asked: Asked<Name> | null,
): { readonly answer: Answer<Name> | undefined; readonly current: boolean; readonly failure: string | null } {
  const { answers, current, last, failure } = useAnswers(proof, name, asked === null ? [] : [asked]);
  return {
    answer: asked === null || current[0] ? answers[0] : last,
    current: current[0] ?? false,
    failure,
  };
}
