// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Answer, AskedProof, Question } from "../workers/asked.ts";
import { PastProof } from "../workers/past-proof.ts";
import { type Manner, useAnswer, useAnswers } from "./answers.ts";

/** A proof whose answers come when the test sends them. */
function held(id: number) {
  const open = new Map<string, { answer: (value: number) => void; refuse: (why: Error) => void }>();
  const asked: string[] = [];
  const proof: AskedProof = {
    id,
    ask: <Name extends Question>(_: Name, [field]: readonly unknown[]) => {
      asked.push(String(field));
      return new Promise<Answer<Name>>((answer, refuse) =>
        open.set(String(field), { answer: answer as (value: number) => void, refuse }),
      );
    },
  };
  const settle =
    (how: (pending: { answer: (value: number) => void; refuse: (why: Error) => void }) => void) =>
    async (field: string) =>
      act(async () => how(open.get(field)!));
  return {
    proof,
    asked,
    answer: (field: string, value: number) => settle((pending) => pending.answer(value))(field),
    refuse: (field: string, why: Error) => settle((pending) => pending.refuse(why))(field),
  };
}

const effects = (proof: AskedProof | null, fields: readonly string[], manner?: Manner) =>
  renderHook(
    (state: { proof: AskedProof | null; fields: readonly string[] }) =>
      useAnswers(
        state.proof,
        "effect",
        state.fields.map((field) => [field] as const),
        manner,
      ),
    { initialProps: { proof, fields } },
  );

afterEach(cleanup);

describe("questions to a proof", () => {
  it("are asked one after the other, the next when the last is answered", async () => {
    const request = held(1);
    const { result } = effects(request.proof, ["a", "b"]);
    expect(request.asked).toEqual(["a"]);
    expect(result.current).toMatchObject({ answers: [undefined, undefined], current: [false, false] });
    await request.answer("a", 4);
    expect(request.asked).toEqual(["a", "b"]);
    expect(result.current).toMatchObject({ answers: [4, undefined], current: [true, false], last: 4 });
  });
  it("are none while there is no proof", () => {
    const { result } = effects(null, ["a"]);
    expect(result.current).toMatchObject({ answers: [undefined], failure: null });
  });
  it("stop when a new proof replaces theirs, and their late answer is dropped", async () => {
    const [first, two] = [held(1), held(2)];
    const { result, rerender } = effects(first.proof, ["a", "b"]);
    rerender({ proof: two.proof, fields: ["a", "b"] });
    await first.answer("a", 4);
    expect(first.asked).toEqual(["a"]);
    expect(result.current.answers).toEqual([undefined, undefined]);
    await two.answer("a", 5);
    expect(result.current.answers).toEqual([5, undefined]);
  });
  it("keep the previous proof's answer readable, marked as such", async () => {
    const [first, two] = [held(1), held(2)];
    const { result, rerender } = effects(first.proof, ["a", "b"]);
    await first.answer("a", 4);
    await first.answer("b", 6);
    rerender({ proof: two.proof, fields: ["b", "a"] });
    expect(result.current).toMatchObject({ answers: [6, 4], current: [false, false] });
    await two.answer("b", 7);
    expect(result.current).toMatchObject({ answers: [7, 4], current: [true, false] });
  });
  it("drop it where it would mislead", async () => {
    const [first, two] = [held(1), held(2)];
    const { result, rerender } = effects(first.proof, ["a"], { keep: false });
    await first.answer("a", 4);
    rerender({ proof: two.proof, fields: ["a"] });
    expect(result.current.answers).toEqual([undefined]);
  });
  it("are not asked again of the same proof", async () => {
    const request = held(1);
    const { result, rerender } = effects(request.proof, ["a"]);
    await request.answer("a", 4);
    rerender({ proof: request.proof, fields: ["b"] });
    await request.answer("b", 5);
    rerender({ proof: request.proof, fields: ["a", "b", "c"] });
    expect(request.asked).toEqual(["a", "b", "c"]);
    expect(result.current.answers).toEqual([4, 5, undefined]);
  });
  it("are kept up to a number: the oldest is asked again when needed", async () => {
    const request = held(1);
    const names = Array.from({ length: 201 }, (_, i) => `f${i}`);
    const { result, rerender } = effects(request.proof, []);
    for (const name of names) {
      rerender({ proof: request.proof, fields: [name] });
      await request.answer(name, 1);
    }
    rerender({ proof: request.proof, fields: ["f200", "f1"] });
    expect(result.current.answers).toEqual([1, 1]);
    rerender({ proof: request.proof, fields: ["f0"] });
    expect(result.current.answers).toEqual([undefined]);
    expect(request.asked.filter((name) => name === "f0")).toHaveLength(2);
  });
  it("report an error, and nothing of an old proof", async () => {
    const [first, two] = [held(1), held(2)];
    const { result, rerender } = effects(first.proof, ["a"]);
    await first.refuse("a", new PastProof());
    expect(result.current.failure).toBeNull();
    rerender({ proof: two.proof, fields: ["a"] });
    await two.refuse("a", new Error("no table"));
    expect(result.current.failure).toBe("no table");
  });
  describe("with a pause", () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());
    it("wait for it, and are never asked where another proof comes meanwhile", async () => {
      const [first, two] = [held(1), held(2)];
      const { rerender } = effects(first.proof, ["a"], { pause: 250 });
      await act(async () => void (await vi.advanceTimersByTimeAsync(249)));
      rerender({ proof: two.proof, fields: ["a"] });
      await act(async () => void (await vi.advanceTimersByTimeAsync(249)));
      expect([first.asked, two.asked]).toEqual([[], []]);
      await act(async () => void (await vi.advanceTimersByTimeAsync(2)));
      expect([first.asked, two.asked]).toEqual([[], ["a"]]);
    });
  });
});

describe("a single question", () => {
  it("shows the previous answer until its own arrives", async () => {
    const request = held(1);
    const { result, rerender } = renderHook(
      ({ field }: { field: string | null }) =>
        useAnswer(request.proof, "effect", field === null ? null : [field]),
      { initialProps: { field: "a" as string | null } },
    );
    await request.answer("a", 4);
    rerender({ field: "b" });
    expect(result.current).toMatchObject({ answer: 4, current: false });
    await request.answer("b", 5);
    expect(result.current).toMatchObject({ answer: 5, current: true });
    rerender({ field: null });
    expect(result.current).toMatchObject({ answer: undefined, current: false });
  });
});
