// @vitest-environment happy-dom

import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { settle } from "@proven-seat/core/duty";
import { jobState, type ShopPlan, shopPlan } from "@proven-seat/core/outcome/shop";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { atTheBench, demoDuty, demoShelf } from "../../../test/at-the-bench.tsx";
import { useReading } from "../../app/reading.ts";
import { useDevice } from "./job/device.ts";
import { useJob } from "./job/use-job.ts";
import { SignedPage } from "./job/who.tsx";
import { PlanView } from "./plan-view.tsx";

const house = defaultHouseRules();
const valve = demoShelf.valvesFor(100).find((v) => v.construction.id === "trunnion-side-entry")!;
const plan: ShopPlan = shopPlan("strip", {
  valve,
  drive: null,
  duty: settle(demoDuty("XV-3052"), house),
  house,
  fitting: [],
});
const section = () => atTheBench("XV-3052").view.selected!.section;
/** The plan as a page shows it, with a job of this device and no server. */
function Page({ shopPlan = plan }: { shopPlan?: ShopPlan }) {
  const job = useJob({ tagId: "t", kind: shopPlan.kind, valve: "a ball", plan: shopPlan }, null);
  return <PlanView plan={shopPlan} tagId="t" job={job} section={section()} print="/plan.pdf" />;
}
const draw = (shopPlan: ShopPlan = plan) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <SignedPage>
          <Page shopPlan={shopPlan} />
        </SignedPage>
      </MemoryRouter>
    </QueryClientProvider>,
  );
const show = () => draw();
const job = () => Object.values(useDevice.getState().jobs)[0]!;
const ticks = () => [...jobState(job().waiting).steps.values()].filter(({ ticked }) => ticked !== null);
const step = () => screen.getByRole("article").getAttribute("aria-label");

beforeEach(() => {
  useDevice.setState({ who: "Day shift", jobs: {}, open: {}, left: [] });
  vi.stubGlobal("fetch", vi.fn().mockRejectedValue(new TypeError("offline")));
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a plan in the shop", () => {
  it("shows one step at a time, and all of them with their progress", () => {
    show();
    expect(step()).toBe(`Step 1 of ${plan.steps.length}`);
    const entries = within(screen.getByRole("navigation", { name: "Steps" })).getAllByRole("button");
    expect(entries).toHaveLength(plan.steps.length);
    fireEvent.click(screen.getByRole("button", { name: /Done, next/ }));
    expect(step()).toBe(`Step 2 of ${plan.steps.length}`);
    expect(entries[0]!.textContent).toContain("✓");
    expect(screen.getByText(/1 on this device/)).toBeTruthy();
  });
  it("works by keys, takes a tick back, finishes and starts another", () => {
    show();
    fireEvent.keyDown(window, { key: "d" });
    fireEvent.keyDown(window, { key: "d" });
    expect(ticks()).toHaveLength(2);
    fireEvent.keyDown(window, { key: "ArrowLeft" });
    expect(step()).toBe(`Step 2 of ${plan.steps.length}`);
    fireEvent.click(screen.getByRole("button", { name: "untick" }));
    expect(ticks()).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "Finish the job" }));
    expect(screen.getByRole("button", { name: /Done, next/ })).toHaveProperty("disabled", true);
    fireEvent.click(screen.getByRole("button", { name: "start another" }));
    expect(step()).toMatch(/^Step/);
    expect(screen.getByText(/Ticking a step starts the job/)).toBeTruthy();
    // Entries of a finished job still wait for a connection.
    expect(ticks()).toHaveLength(1);
  });
  it("opens at the first open step", () => {
    const device = useDevice.getState();
    const id = device.begin({ tagId: "t", kind: "strip", valve: "a ball", plan });
    for (const { does } of plan.steps.slice(0, 3)) device.say(id, { kind: "tick", step: does, done: true });
    show();
    expect(step()).toBe(`Step 4 of ${plan.steps.length}`);
  });
  it("lists the steps in the order they are done", () => {
    show();
    const entries = within(screen.getByRole("navigation", { name: "Steps" })).getAllByRole("button");
    expect(entries.map((b) => Number.parseInt(b.textContent ?? "", 10))).toEqual(
      plan.steps.map((_, index) => index + 1),
    );
  });
  it("tells two steps with the same words apart", () => {
    const [first] = plan.steps;
    draw({ ...plan, steps: [first!, first!] });
    fireEvent.keyDown(window, { key: "d" });
    expect(step()).toBe("Step 2 of 2");
    expect(screen.getByText("1", { selector: "span.figures" }).parentElement!.textContent).toMatch(
      /1 of 2 done/,
    );
  });
  it("leads to its printed document", () => {
    show();
    expect(screen.getByRole("link", { name: "PDF of the plan" }).getAttribute("href")).toBe("/plan.pdf");
  });
  it("stops at its ends", () => {
    show();
    fireEvent.keyDown(window, { key: "ArrowLeft" });
    expect(step()).toMatch(/^Step 1 /);
    for (let i = 0; i < plan.steps.length + 5; i++) fireEvent.keyDown(window, { key: "ArrowRight" });
    expect(step()).toBe(`Step ${plan.steps.length} of ${plan.steps.length}`);
  });
  it("asks for the technician before anything is started", () => {
    useDevice.setState({ who: " " });
    show();
    fireEvent.keyDown(window, { key: "d" });
    expect(screen.getByRole("alert").textContent).toMatch(/technician/);
    expect(useDevice.getState().jobs).toEqual({});
  });
  it("judges a measured value where it is typed, in the unit of the reader", () => {
    const [first] = plan.steps;
    const measure = { what: "height", unit: "mm", least: 20, most: 25.4, source: "the maker" } as const;
    useReading.setState({ system: "US" });
    draw({ ...plan, steps: [{ ...first!, measures: [measure] }] });
    const type = (text: string) => {
      fireEvent.change(screen.getByLabelText("measured, in"), { target: { value: text } });
      fireEvent.blur(screen.getByLabelText("measured, in"));
    };
    type("some");
    expect(screen.getByRole("alert").textContent).toMatch(/number in in/);
    type("1.1");
    expect(screen.getByText(/above the limit/)).toBeTruthy();
    type("0,9");
    expect(screen.getByText(/within limits/)).toBeTruthy();
    expect(job().waiting.at(-1)!.said).toMatchObject({ kind: "reading", what: "height" });
    expect((job().waiting.at(-1)!.said as { value: number }).value).toBeCloseTo(22.86, 6);
    useReading.setState({ system: "metric" });
  });
  it("keeps notes and deviations at their step", () => {
    show();
    const remark = screen.getByLabelText("Remark");
    fireEvent.change(remark, { target: { value: "seat cut at six o'clock" } });
    fireEvent.keyDown(remark, { key: "Enter" });
    expect(screen.getByText(/cut at six/)).toBeTruthy();
    fireEvent.change(remark, { target: { value: "no drain fitted" } });
    fireEvent.click(screen.getByRole("button", { name: "deviations" }));
    expect(screen.getByText(/Deviation from the plan/)).toBeTruthy();
    expect(screen.getByTitle("done with deviations")).toBeTruthy();
  });
  it("shows why there is none", () => {
    draw({ kind: "reseat", steps: [], count: [], limits: "Its seats come out with the ball alone." });
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
