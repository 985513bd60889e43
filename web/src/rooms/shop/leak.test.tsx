// @vitest-environment happy-dom

import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { settle } from "@proven-seat/core/duty";
import { type LeakPlace, leakPicture, type Observation } from "@proven-seat/core/outcome/shop";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell } from "../../../test/answers.tsx";
import { atTheBench, demoDuty, demoShelf } from "../../../test/at-the-bench.tsx";
import { useDevice } from "./job/device.ts";
import { SignedPage, Who } from "./job/who.tsx";
import { Leak } from "./leak.tsx";
import { LeakRate } from "./leak-rate.tsx";
import { LeakPlaces, LeakView } from "./leak-view.tsx";

const house = defaultHouseRules();
const duty = settle(demoDuty("XV-3052"), house);
const valve = demoShelf.valvesFor(100).find((v) => v.construction.id === "trunnion-side-entry")!;
const section = () => atTheBench("XV-3052").view.selected!.section;
const picture = (place: LeakPlace, seen: readonly Observation[] = []) =>
  leakPicture(valve, duty, house, place, seen);
const show = (place: LeakPlace, seen: readonly Observation[] = []) => {
  const [onAnswer, onUndo, onDrop, onRate] = [vi.fn(), vi.fn(), vi.fn(), vi.fn()];
  render(
    <LeakView
      picture={picture(place, seen)}
      section={section()}
      onAnswer={onAnswer}
      onUndo={onUndo}
      onFinish={vi.fn()}
      onDrop={onDrop}
      rate={null}
      onRate={onRate}
    />,
  );
  return { onAnswer, onUndo, onDrop, onRate };
};

afterEach(cleanup);

describe("a leak in the shop", () => {
  it("is traced by a technician: asks for the name where it is missing, and continues with it", () => {
    answering({});
    useDevice.setState({ who: "", jobs: {}, open: {}, left: [] });
    const { view } = atTheBench("XV-3052");
    inTheShell(
      <SignedPage>
        <Who />
        <Leak tagId="t" view={view} />
      </SignedPage>,
    );
    expect(screen.queryByRole("alert")).toBeNull();
    const begins = () => screen.getByRole("button", { name: /Leak through the closed valve/ });
    fireEvent.click(begins());
    expect(screen.getByRole("alert").textContent).toBe("Enter the technician first.");
    expect(document.activeElement).toBe(screen.getByLabelText("technician"));
    fireEvent.change(screen.getByLabelText("technician"), { target: { value: "Night shift" } });
    expect(screen.queryByRole("alert")).toBeNull();
    fireEvent.click(begins());
    expect(screen.getByText(/Started by Night shift/)).toBeTruthy();
  });
  it("begins with its place", () => {
    const onPick = vi.fn();
    render(<LeakPlaces section={section()} onPick={onPick} />);
    fireEvent.click(screen.getByRole("button", { name: /Leak through the closed valve/ }));
    expect(onPick).toHaveBeenCalledWith("through the valve");
  });
  it("is selected at its joint, on the drawing, by mouse and by key", () => {
    const onPick = vi.fn();
    render(<LeakPlaces section={section()} onPick={onPick} />);
    const drawn = within(screen.getByRole("group", { name: /select where it leaks/ }));
    fireEvent.click(
      drawn.getByRole("button", { name: /between the upstream seat and the ball|past the upstream seat/ }),
    );
    expect(onPick).toHaveBeenLastCalledWith("through the valve");
    const [outside] = drawn.getAllByRole("button", { name: /stem/ });
    fireEvent.keyDown(outside!, { key: "Enter" });
    expect(onPick).toHaveBeenLastCalledWith("outside");
  });
  it("highlights the leak path through the joints, the likeliest over the others", () => {
    show("through the valve");
    const lines = screen.getByRole("img", { name: /possible leak paths/ }).querySelectorAll("polyline");
    expect(lines.length).toBeGreaterThan(1);
    expect(lines[lines.length - 1]!.getAttribute("stroke")).toBe("var(--fails)");
  });
  it("shows the most useful check, and passes on the answer", () => {
    const { onAnswer } = show("through the valve");
    const [best] = picture("through the valve").proposed;
    const [asked] = screen.getAllByRole("region", { name: "Next check" });
    expect(within(asked!).getByRole("heading").textContent).toBe(best!.asks);
    fireEvent.click(within(asked!).getByRole("button", { name: best!.answers[0]! }));
    expect(onAnswer).toHaveBeenCalledWith(best!.id, best!.answers[0]);
  });
  it("shows the causes, the leak paths, what to do and the effect of each answer", () => {
    show("through the valve", [{ check: "stop", answer: "short of it" }]);
    const causes = within(screen.getByRole("region", { name: "Possible causes" }));
    expect(causes.getAllByRole("listitem")[0]!.textContent).toMatch(/not fully closed/);
    expect(causes.getByText(/Set the closed stop where the leak is least/)).toBeTruthy();
    expect(screen.getByRole("region", { name: "Leak paths" }).textContent).toMatch(/between seat and ball/);
    expect(screen.getByText("Effect of each answer")).toBeTruthy();
  });
  it("warns when the leak must not go on, and when an answer fits nothing", () => {
    show("outside", [
      { check: "soap", answer: "at the stem" },
      { check: "gland", answer: "it stops" },
      { check: "bolts", answer: "one is loose" },
    ]);
    const alerts = screen.queryAllByRole("alert").map((a) => a.textContent);
    expect(alerts.some((a) => /out of service/.test(a ?? ""))).toBe(picture("outside").outOfService !== null);
  });
  it("judges the measured rate against the class, of liquid and of gas", () => {
    const { onRate } = show("through the valve");
    const rate = within(screen.getByRole("region", { name: "Leak rate" }));
    fireEvent.change(rate.getByLabelText("measured, ml/min"), { target: { value: "0,5" } });
    fireEvent.blur(rate.getByLabelText("measured, ml/min"));
    expect(onRate).toHaveBeenLastCalledWith({ mlMin: 0.5, of: "liquid" });
    fireEvent.change(rate.getByLabelText("measured, ml/min"), { target: { value: "some" } });
    expect(rate.getByRole("alert").textContent).toMatch(/0 or more/);
    cleanup();
    const allowed = { asked: "D", byDuty: true, liquidMlMin: 2, gasMlMin: 600 } as const;
    for (const [mlMin, medium, says] of [
      [1.9, "liquid", /Within/],
      [2.1, "liquid", /1\.05 times/],
      [2.1, "gas", /Within/],
    ] as const) {
      render(<LeakRate allowed={allowed} rate={{ mlMin, of: medium }} onRate={vi.fn()} />);
      expect(screen.getByRole("region", { name: "Leak rate" }).textContent).toMatch(says);
      cleanup();
    }
  });
  it("reports where a class is not tested with the measured medium", () => {
    const allowed = { asked: "class IV", byDuty: false, liquidMlMin: 200, gasMlMin: null } as const;
    render(<LeakRate allowed={allowed} rate={{ mlMin: 5, of: "gas" }} onRate={vi.fn()} />);
    expect(screen.getByText(/Class IV, as stated by the maker/)).toBeTruthy();
    expect(screen.getByText(/test does not use gas/)).toBeTruthy();
  });
});
