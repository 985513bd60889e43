// @vitest-environment happy-dom
import type { Tag } from "@proven-seat/contract";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { aTag } from "../../../test/a-tag.ts";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useBench } from "../../bench/bench-store.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { ChoiceBar } from "./choice-bar.tsx";
import { OverrideDialog } from "./override-dialog.tsx";
import { StaleDialog } from "./stale-dialog.tsx";

afterEach(cleanup);

const bar = (detail: CandidateDetail, isChosen = false) => {
  const acts = { onChoose: vi.fn(), onOverride: vi.fn() };
  const drawn = () => (
    <MemoryRouter>
      <ChoiceBar
        detail={detail}
        tagId="t"
        choosing={{ isChosen, choose: acts.onChoose, override: acts.onOverride }}
      />
    </MemoryRouter>
  );
  const { rerender } = render(drawn());
  return { ...acts, again: () => rerender(drawn()) };
};

describe("actions on the selected candidate", () => {
  it("include choosing it, where it is suitable", () => {
    const { onChoose, onOverride } = bar(atTheBench("XV-3052").view.selected!);
    fireEvent.click(screen.getByRole("button", { name: /^Choose this valve/ }));
    expect(onChoose).toHaveBeenCalledOnce();
    fireEvent.click(screen.getByRole("button", { name: /^override/ }));
    expect(onOverride).toHaveBeenCalledOnce();
  });
  it("include choosing against the proof, where it is not", () => {
    bar(atTheBench("XV-4020").view.selected!);
    expect(screen.getByRole("button", { name: /^Choose against the proof/ })).toBeTruthy();
  });
  it("include adding it to the comparison, and removing it", () => {
    const { view } = atTheBench("XV-3052");
    const { again } = bar(view.selected!);
    fireEvent.click(screen.getByRole("button", { name: /^compare/ }));
    expect(useBench.getState().compared).toEqual([view.selected!.candidate.key]);
    again();
    fireEvent.click(screen.getByRole("button", { name: /^compared/ }));
    expect(useBench.getState().compared).toEqual([]);
  });
  it("include an enquiry, where nobody offers it", () => {
    bar({ ...atTheBench("XV-3052").view.selected!, byConstruction: true });
    expect(screen.getByText("by construction")).toBeTruthy();
    expect(screen.queryByRole("button", { name: /^Choose/ })).toBeNull();
  });
  it("keep an override's reason in sight, and ask for one where the choice no longer holds", () => {
    const { view } = atTheBench("XV-4020");
    const content = useBench.getState().content!;
    const choice = { valve: "v", drive: null, notes: "", overrideReason: "witnessed type test" };
    useBench.setState({ content: { ...content, choice } });
    const { again } = bar(view.selected!, true);
    expect(screen.getByText("Overridden: witnessed type test")).toBeTruthy();
    useBench.setState({ content: { ...content, choice: { ...choice, overrideReason: null } } });
    again();
    expect(screen.getByText(/the chosen valve fails/)).toBeTruthy();
  });
});

describe("choosing against the proof", () => {
  const dialog = (reason = "") => {
    const { view } = atTheBench("XV-4020");
    const acts = { onClose: vi.fn(), onOverride: vi.fn() };
    render(<OverrideDialog detail={view.selected!} reason={reason} {...acts} />);
    return { ...acts, detail: view.selected! };
  };
  it("lists what it goes against", () => {
    const { detail } = dialog();
    const grave = detail.candidate.findings.filter(
      (f) => f.verdict === "fails" || f.verdict === "cannot tell",
    );
    expect(document.querySelectorAll("li")).toHaveLength(grave.length);
  });
  it("needs a reason of ten characters, blanks not counted", () => {
    const { onOverride } = dialog();
    const act = screen.getByRole<HTMLButtonElement>("button", { name: "Choose with this reason" });
    const write = (value: string) => fireEvent.change(screen.getByLabelText("Reason"), { target: { value } });
    write("too short          ");
    expect(act.disabled).toBe(true);
    fireEvent.submit(document.querySelector("form")!);
    expect(onOverride).not.toHaveBeenCalled();
    write("  long enough to be read  ");
    expect(act.disabled).toBe(false);
    fireEvent.submit(document.querySelector("form")!);
    expect(onOverride).toHaveBeenCalledWith("long enough to be read");
  });
  it("starts from the present reason, and can be cancelled", () => {
    const { onClose } = dialog("as agreed with the owner");
    expect(screen.getByLabelText<HTMLTextAreaElement>("Reason").value).toBe("as agreed with the owner");
    fireEvent.click(screen.getByRole("button", { name: "Cancel" }));
    expect(onClose).toHaveBeenCalledOnce();
  });
});

describe("a tag that two users changed", () => {
  const theirs = (change: Partial<Tag>): Tag => {
    const { number, service, unit, duty, choice } = useBench.getState().content!;
    const mine = { number, service, unit, duty, choice };
    return { ...aTag, ...mine, version: 9, dutyVersion: 4, updatedBy: "checker", ...change };
  };
  it("shows both versions, field by field, and who saved the other", () => {
    const { duty } = atTheBench("XV-3052");
    render(
      <StaleDialog
        current={theirs({ service: "Recycle", duty: { ...duty, longestShutDays: 91 } })}
        onClose={() => undefined}
      />,
    );
    expect(screen.getByText(/^checker saved version 9/)).toBeTruthy();
    expect(document.querySelectorAll("tbody tr")).toHaveLength(2);
    expect(screen.getByText("91")).toBeTruthy();
  });
  it("takes the other version, and its number to save on", () => {
    atTheBench("XV-3052");
    const close = vi.fn();
    render(<StaleDialog current={theirs({ service: "Recycle" })} onClose={close} />);
    fireEvent.click(screen.getByRole("button", { name: "Use their version, discard mine" }));
    expect(useBench.getState().content!.service).toBe("Recycle");
    expect(useBench.getState().version).toBe(9);
    expect(close).toHaveBeenCalledOnce();
  });
  it("reports equal versions, and lets the decision wait", () => {
    atTheBench("XV-3052");
    const close = vi.fn();
    render(<StaleDialog current={theirs({})} onClose={close} />);
    expect(screen.getByText("Both versions say the same.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "Decide later" }));
    expect(close).toHaveBeenCalledOnce();
  });
});
