// @vitest-environment happy-dom
import type { TagRow } from "@proven-seat/contract";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import type { RuleStation } from "@proven-seat/core/judgement/rules";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import type { ComponentProps } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { demoDuty, demoProver } from "../../../test/at-the-bench.tsx";
import type { ReadingUnits } from "../../parts/verdict-words.ts";
import { markedStations } from "../../stations/index.ts";
import { ProvingProgress, ProvingTrouble } from "./proving-state.tsx";
import { TagLine } from "./tag-line.tsx";

afterEach(cleanup);

const row = (change: Partial<TagRow> = {}): TagRow => ({
  id: "t1",
  number: "XV-1034",
  service: "Sour gas to flare header",
  unit: "Stabiliser",
  dn: 40,
  lineDesignation: "class 300",
  version: 1,
  choice: null,
  remarks: {},
  sheet: null,
  ...change,
});
const summaryOf = (number: string): TagSummary => demoProver().summarise(demoDuty(number), null);
const line = (row: TagRow, summary: TagSummary | null, units: ReadingUnits = { system: "metric" }) => {
  const current = vi.fn();
  render(
    <MemoryRouter>
      <TagLine row={row} marks={summary} summary={summary} units={units} current onCurrent={current} />
    </MemoryRouter>,
  );
  return { current, cells: [...document.querySelectorAll('[role="gridcell"]')].map((c) => c.textContent) };
};

describe("a tag as a row", () => {
  it("shows the limiting finding of its best valve, and that nothing is chosen yet", () => {
    const summary = summaryOf("XV-1034");
    const { cells } = line(row(), summary);
    expect(cells.at(-1)).toMatch(/^open · /);
    expect(cells.at(-1)).toContain(summary.heldBy!.asks);
    expect(
      line(row({ choice: { valve: "v", drive: null, notes: "", overrideReason: null } }), summary).cells.at(
        -1,
      ),
    ).not.toMatch(/open/);
  });
  it("marks every station, the sheet by its revision", () => {
    const summary = summaryOf("XV-1034");
    const { cells } = line(row({ sheet: { id: "s", revision: "C" } }), summary);
    expect(document.querySelectorAll("svg")).toHaveLength(markedStations.length - 1);
    expect(cells).toContain("C");
    for (const { id, verdict } of markedStations)
      expect(verdict(row(), summary)).toBe(
        id === "sheet" ? "not asked" : id === "duty" ? summary.duty : summary.stations![id as RuleStation],
      );
  });
  it("names what is missing before anything else", () => {
    const summary = summaryOf("XV-9001");
    expect(line(row(), summary).cells.at(-1)).toMatch(/Missing: line class and \d more$/);
  });
  it("shows that no candidate is suitable, and the shortfall of the nearest miss", () => {
    expect(line(row(), summaryOf("XV-4020")).cells.at(-1)).toMatch(/^No suitable candidate. Nearest: /);
  });
  it("shows that it is being proved", () => {
    const { cells } = line(row(), null);
    expect(cells.at(-1)).toBe("not proved yet");
    expect(markedStations.find((s) => s.id === "body")!.verdict(row(), null)).toBeNull();
  });
  it("shows size and figures in the reader's units", () => {
    const metric = line(row(), summaryOf("XV-3066"));
    expect(metric.cells[3]).toBe("40");
    expect(metric.cells.at(-1)).toMatch(/°C/);
    cleanup();
    const us = line(row(), summaryOf("XV-3066"), { system: "US" });
    expect(us.cells[3]).toBe("1½");
    expect(us.cells.at(-1)).toMatch(/°F/);
    cleanup();
    expect(line(row({ dn: null, lineDesignation: null }), null).cells.slice(3, 5)).toEqual(["–", "–"]);
  });
  it("is current once its link has the focus", () => {
    const { current } = line(row(), null);
    fireEvent.focus(screen.getByText("XV-1034"));
    expect(current).toHaveBeenCalledOnce();
  });
});

describe("the progress of proving behind the line-up", () => {
  const progress = (proving: ComponentProps<typeof ProvingProgress>["proving"]) => {
    const onStop = vi.fn();
    render(<ProvingProgress proving={proving} idle="a note" onStop={onStop} />);
    return onStop;
  };
  const trouble = (change: Partial<ComponentProps<typeof ProvingTrouble>>) => {
    const onResume = vi.fn();
    render(<ProvingTrouble trouble={null} stopped={false} lost={false} onResume={onResume} {...change} />);
    return onResume;
  };
  it("shows how far it is and the time left, and can be cancelled", () => {
    const onStop = progress({ done: 300, total: 10_000, secondsLeft: 41.2 });
    expect(document.body.textContent).toMatch(/proved 300 of 10000, about 42 s left/);
    expect(screen.getByLabelText("Proving").getAttribute("value")).toBe("300");
    fireEvent.click(screen.getByText("cancel"));
    expect(onStop).toHaveBeenCalledOnce();
  });
  it("is hidden for a handful of tags, which are proved before it could be read", () => {
    progress({ done: 3, total: 20, secondsLeft: null });
    expect(document.body.textContent).toBe("a note");
  });
  it("shows what is kept when it was cancelled or failed, and continues", () => {
    const onResume = trouble({ stopped: true });
    expect(screen.getByRole("alert").textContent).toMatch(/Finished proofs are kept/);
    fireEvent.click(screen.getByText("prove the rest"));
    expect(onResume).toHaveBeenCalledOnce();
    cleanup();
    trouble({ trouble: "The server cannot be reached." });
    expect(screen.getByRole("alert").textContent).toMatch(/cannot be reached/);
  });
});
