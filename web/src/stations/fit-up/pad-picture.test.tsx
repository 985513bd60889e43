// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import PadPicture from "./pad-picture.tsx";

afterEach(cleanup);
const fillOf = (name: string) =>
  screen.getByText(name, { selector: "dt" }).nextElementSibling!.querySelector("rect")!.getAttribute("fill");

describe("the drive on the pad", () => {
  it("shows the peak as failing where the pad carries it and the stem does not", () => {
    const { api, view } = atTheBench("XV-1004");
    const details = api.details(api.drives(view.inHand!.candidate.key).map((d) => d.key));
    const verdict = (at: (typeof details)[number], rule: string) =>
      at.candidate.findings.find((f) => f.rule === rule)!.verdict;
    const breaks = details.find(
      (d) => verdict(d, "drive/stem-limit") === "fails" && verdict(d, "fit-up/pad-torque") === "holds",
    )!;
    render(<PadPicture detail={breaks} />);
    expect(fillOf("drive at its peak")).toBe("var(--fails)");
    cleanup();
    render(<PadPicture detail={view.inHand!} />);
    expect(fillOf("drive at its peak")).toBe("var(--holds)");
    expect(fillOf("asked of the drive")).toBe("var(--dim)");
  });
  it("has no torque of a drive on a bare stem", () => {
    render(<PadPicture detail={atTheBench("XV-3061").view.inHand!} />);
    expect(screen.queryByText("drive at its peak")).toBeNull();
    expect(screen.getByText("none: the drive is chosen elsewhere")).toBeTruthy();
  });
});
