// @vitest-environment happy-dom

import { settle } from "@proven-seat/core/duty";
import { defaultHouseRules } from "@proven-seat/core/house";
import { type ShopPlan, shopPlan } from "@proven-seat/core/shop";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { atTheBench, demoDuty, demoShelf } from "../../../test/at-the-bench.tsx";
import { PlanView } from "./plan-view.tsx";
import { useTicks } from "./ticks.ts";

const house = defaultHouseRules();
const valve = demoShelf.valvesFor(100).find((v) => v.construction.id === "trunnion-side-entry")!;
const plan: ShopPlan = shopPlan("strip", {
  valve,
  drive: null,
  duty: settle(demoDuty("XV-3052"), house),
  house,
  fitting: [],
});
const section = () => atTheBench("XV-3052").view.inHand!.section;
const show = () => render(<PlanView plan={plan} name="t strip" section={section()} print="/plan.pdf" />);
const step = () => screen.getByRole("article").getAttribute("aria-label");

beforeEach(() => useTicks.setState({ done: {} }));
afterEach(cleanup);

describe("a plan in the shop", () => {
  it("shows one step at a time, and all of them with what is done", () => {
    show();
    expect(step()).toBe(`Step 1 of ${plan.steps.length}`);
    const all = within(screen.getByRole("navigation", { name: "Steps" })).getAllByRole("button");
    expect(all).toHaveLength(plan.steps.length);
    fireEvent.click(screen.getByRole("button", { name: /Done, next/ }));
    expect(step()).toBe(`Step 2 of ${plan.steps.length}`);
    expect(all[0]!.textContent).toContain("✓");
    expect(screen.getByText(/done, kept on/)).toBeTruthy();
  });
  it("goes by keys, takes a tick back, and begins anew", () => {
    show();
    fireEvent.keyDown(window, { key: "d" });
    fireEvent.keyDown(window, { key: "d" });
    expect(useTicks.getState().done["t strip"]).toHaveLength(2);
    fireEvent.keyDown(window, { key: "ArrowLeft" });
    expect(step()).toBe(`Step 2 of ${plan.steps.length}`);
    fireEvent.click(screen.getByRole("button", { name: "take the tick back" }));
    expect(useTicks.getState().done["t strip"]).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "begin anew" }));
    expect(useTicks.getState().done["t strip"]).toEqual([]);
  });
  it("opens at the first step that is not done", () => {
    useTicks.setState({ done: { "t strip": plan.steps.slice(0, 3).map(({ does }) => does) } });
    show();
    expect(step()).toBe(`Step 4 of ${plan.steps.length}`);
  });
  it("lists the steps in the order they are done", () => {
    show();
    const all = within(screen.getByRole("navigation", { name: "Steps" })).getAllByRole("button");
    expect(all.map((b) => Number.parseInt(b.textContent ?? "", 10))).toEqual(
      plan.steps.map((_, at) => at + 1),
    );
  });
  it("tells two steps of the same words apart", () => {
    const [first] = plan.steps;
    render(
      <PlanView
        plan={{ ...plan, steps: [first!, first!] }}
        name="t twice"
        section={section()}
        print="/plan.pdf"
      />,
    );
    fireEvent.keyDown(window, { key: "d" });
    expect(step()).toBe("Step 2 of 2");
    expect(screen.getByText("1", { selector: "span.figures" }).parentElement!.textContent).toMatch(
      /1 of 2 done/,
    );
  });
  it("leads to its paper", () => {
    show();
    expect(screen.getByRole("link", { name: "PDF" }).getAttribute("href")).toBe("/plan.pdf");
  });
  it("goes no further than its ends", () => {
    show();
    fireEvent.keyDown(window, { key: "ArrowLeft" });
    expect(step()).toMatch(/^Step 1 /);
    for (let i = 0; i < plan.steps.length + 5; i++) fireEvent.keyDown(window, { key: "ArrowRight" });
    expect(step()).toBe(`Step ${plan.steps.length} of ${plan.steps.length}`);
  });
  it("says why there is none", () => {
    render(
      <PlanView
        plan={{ kind: "reseat", steps: [], count: [], limits: "Its seats come out with the ball alone." }}
        name="t reseat"
        section={section()}
        print="/plan.pdf"
      />,
    );
    expect(screen.getByText(/come out with the ball/)).toBeTruthy();
  });
  it("draws the piece of a step out along its way, in every step", () => {
    show();
    for (const { piece } of plan.steps) {
      const label = screen.getByRole("img").getAttribute("aria-label")!;
      if (piece) expect(label).toContain(piece.name);
      fireEvent.keyDown(window, { key: "ArrowRight" });
    }
  });
});
