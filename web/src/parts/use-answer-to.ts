import { useEffect, useState } from "react";

/** A request to a worker or the server. A long one checks whether a newer request has replaced it. */
export type Question<T> = (overtaken: () => boolean) => Promise<T>;

interface Asked<T> {
  readonly question: Question<T> | null;
  readonly answer: T | null;
  readonly failure: Error | null;
}

/**
 * Asks a question when it changes, and drops the answer of a question that was replaced meanwhile.
 *
 * @param question compared by identity, so memoise it; null asks nothing
 * @returns the answer or failure of this question; both are null until it is answered
 */
export function useAnswerTo<T>(question: Question<T> | null) {
  const [last, setLast] = useState<Asked<T>>({ question: null, answer: null, failure: null });
  useEffect(() => {
    if (question === null) return;
    let overtaken = false;
    question(() => overtaken).then(
      (answer) => !overtaken && setLast({ question, answer, failure: null }),
      (failure: Error) => !overtaken && setLast({ question, answer: null, failure }),
    );
    return () => {
      overtaken = true;
    };
  }, [question]);
  const current = last.question === question ? last : null;
  return {
    answer: current?.answer ?? null,
    failure: current?.failure ?? null,
    asking: question !== null && current === null,
  };
}
