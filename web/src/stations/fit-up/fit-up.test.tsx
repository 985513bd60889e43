// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { downloads } from "../../../test/downloads.ts";
import Assembly from "./assembly.tsx";
import StackPicture from "./stack-picture.tsx";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});
const markBeside = (name: string | RegExp) =>
  screen
    .getByText(name, { selector: "dt > span" })
    .closest("dt")!
    .querySelector("[data-verdict]")!
    .getAttribute("data-verdict");

describe("the actuator on the valve", () => {
  it("marks the stem where it breaks, and the other members as they are", () => {
    const { api, view } = atTheBench("XV-1004");
    const details = api.details(api.drives(view.selected!.candidate.key).map((d) => d.key));
    const breaks = details.find(
      (d) =>
        d.fitUp.fitUp !== null &&
        d.candidate.findings.find((f) => f.rule === "drive/stem-limit")!.verdict === "fails",
    )!;
    render(<StackPicture detail={breaks} />);
    expect(markBeside("stem")).toBe("fails");
    cleanup();
    render(<StackPicture detail={view.selected!} />);
    expect(markBeside(/^stem/)).toBe("holds");
    expect(screen.getByRole("img", { name: /Side view: pad/ })).toBeTruthy();
  });
  it("names the weakest member, once", () => {
    const { view } = atTheBench("XV-3052");
    render(<StackPicture detail={view.selected!} />);
    expect(screen.getAllByText("weakest part")).toHaveLength(1);
    expect(screen.getByText(/needs a bracket and a coupling/)).toBeTruthy();
  });
  it("shows no height that is not stated", () => {
    render(<StackPicture detail={atTheBench("XV-6030").view.selected!} />);
    const side = screen.getByRole("img", { name: /pad height not stated/ });
    expect(side.querySelectorAll("text")).toHaveLength(1);
  });
  it("has no mounting for a bare stem, or for a rising one", async () => {
    render(<StackPicture detail={atTheBench("XV-3061").view.selected!} />);
    expect(screen.getByText("None: the actuator is selected elsewhere.")).toBeTruthy();
    cleanup();
    render(<Assembly view={atTheBench("XV-3061").view} />);
    expect(await screen.findByText(/No mounting steps/)).toBeTruthy();
  });
});

describe("mounting", () => {
  it("is shown step by step, with torques and cautions", async () => {
    render(<Assembly view={atTheBench("XV-3052").view} />);
    const steps = within(await screen.findByRole("list")).getAllByRole("listitem");
    expect(steps.length).toBeGreaterThan(8);
    expect(steps[0]!.textContent).toMatch(/Caution/);
    // Pad and drive, and both once more.
    expect(screen.getAllByText(/torque, lubricated/).length).toBe(4);
  });
  it.each([
    ["Drilling template F30 as DXF", /^drilling-template-F30\.dxf$/, /SECTION/],
    ["Drilling template F30 as SVG", /\.svg$/, /<svg/],
    ["Bracket as DXF", /^bracket-F30-F35-\d+\.dxf$/, /SECTION/],
    ["Bracket as SVG", /^bracket.*\.svg$/, /<svg/],
  ])("downloads %s", async (name, file, holds) => {
    const saved = downloads();
    render(<Assembly view={atTheBench("XV-3052").view} />);
    fireEvent.click(screen.getByRole("button", { name }));
    await vi.waitFor(() => expect(saved).toHaveLength(1));
    expect(saved[0]!.name).toMatch(file);
    expect(await saved[0]!.content.text()).toMatch(holds);
  });
});
