// @vitest-environment happy-dom
import { assessStack, chainOf } from "@proven-seat/core/shop";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { demoShelf } from "../../../test/at-the-bench.tsx";
import { sizesIn, useChains } from "./chains.ts";
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
    render(<Histogram of={assessStack(chain)} mostMm={chain.mostLoadN / chain.stiffnessNPerMm} />);
    const histogram = screen.getByRole("img", { name: /Trials by compression/ });
    expect(histogram.querySelectorAll("rect")).toHaveLength(24);
    expect(histogram.textContent).toBe("looseover");
  });
  it.each([
    ["0.3 0.5;0,7", [0.3, 0.5, 0.7]],
    ["", []],
    ["0.3 x", null],
    ["-1", null],
    ["0", null],
  ])("reads sizes out of %j", (text, sizes) => expect(sizesIn(text)).toEqual(sizes));
  it("keeps a chain by tag and valve, and goes back to the estimate", () => {
    const { keep, drop } = useChains.getState();
    keep("a", chain, "0.3");
    keep("b", chain, "0.4");
    drop("a");
    expect(Object.keys(useChains.getState().chains)).toEqual(["b"]);
  });
});
