// @vitest-environment happy-dom
import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { type Question, useAnswerTo } from "./use-answer-to.ts";
import { useLast } from "./use-last.ts";

afterEach(cleanup);

/** A question that is answered by hand. */
function asked() {
  let resolve: (answer: string) => void = () => undefined;
  let reject: (error: Error) => void = () => undefined;
  let overtaken: () => boolean = () => false;
  const question: Question<string> = (isOvertaken) => {
    overtaken = isOvertaken;
    return new Promise((done, failed) => {
      resolve = done;
      reject = failed;
    });
  };
  return {
    question,
    answer: (text: string) => act(async () => resolve(text)),
    fail: (text: string) => act(async () => reject(new Error(text))),
    isOvertaken: () => overtaken(),
  };
}
function Shown({ question }: { question: Question<string> | null }) {
  const { answer, failure, asking } = useAnswerTo(question);
  const last = useLast(answer);
  return <p>{`${answer} ${failure?.message ?? null} ${asking ? "asking" : "idle"}, last ${last}`}</p>;
}
const text = () => screen.getByText(/last/).textContent;

describe("the answer to a question", () => {
  it("is null until it comes, and is not asked for without a question", async () => {
    const first = asked();
    const { rerender } = render(<Shown question={null} />);
    expect(text()).toBe("null null idle, last null");
    rerender(<Shown question={first.question} />);
    expect(text()).toBe("null null asking, last null");
    await first.answer("one");
    expect(text()).toBe("one null idle, last one");
  });
  it("of a replaced question is dropped, whichever comes first", async () => {
    const [first, second] = [asked(), asked()];
    const { rerender } = render(<Shown question={first.question} />);
    expect(first.isOvertaken()).toBe(false);
    rerender(<Shown question={second.question} />);
    expect(first.isOvertaken()).toBe(true);
    await first.answer("late");
    expect(text()).toBe("null null asking, last null");
    await second.answer("two");
    expect(text()).toBe("two null idle, last two");
  });
  it("is null again while the next question is asked, and the last one stays readable", async () => {
    const [first, second] = [asked(), asked()];
    const { rerender } = render(<Shown question={first.question} />);
    await first.answer("one");
    rerender(<Shown question={second.question} />);
    expect(text()).toBe("null null asking, last one");
    await second.fail("broken");
    expect(text()).toBe("null broken idle, last one");
  });
});
