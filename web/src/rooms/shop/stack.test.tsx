// @vitest-environment happy-dom

import { figureText } from "@proven-seat/core/basis/units";
import { assessStack, chainOf } from "@proven-seat/core/outcome/shop";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell } from "../../../test/answers.tsx";
import { atTheBench, demoShelf } from "../../../test/at-the-bench.tsx";
import { useReading } from "../../app/reading.ts";
import type { AskedProof } from "../../workers/asked.ts";
import { sizesIn, useChains } from "./chains.ts";
import { Stack } from "./stack.tsx";
import { Links } from "./stack-links.tsx";
import { ChainDrawn, Histogram } from "./stack-picture.tsx";

const chain = chainOf(demoShelf.valvesFor(50).find((v) => v.construction.id === "floating-two-piece")!)!;
beforeEach(() => useChains.setState({ chains: {} }));
afterEach(cleanup);

describe("a seat stack in the shop", () => {
  it("is drawn link by link, and as a histogram with its two ends", () => {
    render(<ChainDrawn chain={chain} />);
    const drawing = screen.getByRole("img", { name: `Chain of ${chain.links.length} links` });
    for (const { name } of chain.links) expect(drawing.textContent).toContain(name);
    cleanup();
    render(<Histogram assessment={assessStack(chain)} mostMm={chain.mostLoadN / chain.stiffnessNPerMm} />);
    const histogram = screen.getByRole("img", { name: /Trials by seat compression/ });
    expect(histogram.querySelectorAll("rect")).toHaveLength(24);
    expect(histogram.textContent).toBe("looseover");
  });
  it("is typed in the reader's unit, or with another after it", () => {
    useReading.setState({ system: "US" });
    const onChain = vi.fn();
    render(<Links chain={chain} onChain={onChain} />);
    const { name } = chain.links[0]!;
    const measured = screen.getByLabelText(`${name}, measured`);
    const said = (text: string) => {
      onChain.mockClear();
      fireEvent.change(measured, { target: { value: text } });
      return onChain.mock.lastCall?.[0].links[0].measuredMm as number | null | undefined;
    };
    expect(said("2")).toBeCloseTo(50.8, 9);
    expect(said("50.8 mm")).toBeCloseTo(50.8, 9);
    expect(said("")).toBeNull();
    expect(said("two")).toBeUndefined();
    expect(measured.getAttribute("aria-invalid")).toBe("true");
    useReading.setState({ system: "metric" });
  });
  it("is computed with the actuator's limit, and another load than the seat's alone", async () => {
    const { view, api } = atTheBench("XV-1004");
    answering({});
    inTheShell(<Stack tagId="t" view={view} />);
    expect(await screen.findByText("probability of a loose seat")).toBeTruthy();
    const key = view.selected!.candidate.key;
    const made = (await api.chain(key))!;
    const turned = await api.stack(key, made, []);
    const bound = turned.driveBearsLess ? "limit of the actuator, estimated" : "limit of seat or springs";
    expect(screen.getByText(bound).nextElementSibling!.textContent).toBe(
      figureText(Math.round(turned.mostLoadN), "N", { system: "metric" }),
    );
    expect(turned.mostLoadN).toBeLessThanOrEqual(made.mostLoadN);
  });
  it("reports what could not be calculated", async () => {
    const { view } = atTheBench("XV-1004");
    const ask: AskedProof["ask"] = (name, asked) =>
      name === "stack" ? Promise.reject(new Error("out of memory")) : view.proof!.ask(name, asked);
    const broken = { ...view, proof: { ...view.proof!, ask } };
    answering({});
    inTheShell(<Stack tagId="t" view={broken} />);
    expect(await screen.findByText(/stack could not be calculated: out of memory/)).toBeTruthy();
  });
  it("takes another link from stock, and one only", () => {
    const onChain = vi.fn();
    render(<Links chain={chain} onChain={onChain} />);
    const [first] = chain.links;
    fireEvent.click(screen.getByLabelText(`${first!.name}, from stock`));
    const { links } = onChain.mock.lastCall![0] as typeof chain;
    expect(links.map(({ picked }) => picked)).toEqual(links.map((_, i) => i === 0));
  });
  it.each([
    ["0.3 0.5;0,7", [0.3, 0.5, 0.7]],
    ["", []],
    ["0.3 x", null],
    ["-1", null],
    ["0", null],
  ])("reads sizes from %j", (text, sizes) => expect(sizesIn(text)).toEqual(sizes));
  it("stores a chain by tag and valve, and goes back to the estimate", () => {
    const { keep, drop } = useChains.getState();
    keep("a", chain, "0.3");
    keep("b", chain, "0.4");
    drop("a");
    expect(Object.keys(useChains.getState().chains)).toEqual(["b"]);
  });
});
