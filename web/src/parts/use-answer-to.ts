import { useEffect, useState } from "react";

/** A question to a worker or the server; a long one looks whether it was overtaken. */
export type Question<T> = (overtaken: () => boolean) => Promise<T>;

interface Asked<T> {
  readonly question: Question<T> | null;
  readonly answer: T | null;
  readonly failure: Error | null;
}

/**
 * Asks a question whenever it is another one, and drops the answer to one that was overtaken.
 *
 * @param question held by its identity (useCallback, useMemo); null asks nothing
 * @returns the answer or failure of this very question, both null while it is being asked
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
