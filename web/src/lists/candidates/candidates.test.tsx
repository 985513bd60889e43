// @vitest-environment happy-dom

import { figure } from "@proven-seat/core/basis/units";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import CandidateList from "./candidate-list.tsx";
import { NoneSuitable } from "./none-suitable.tsx";
import { nextOrder } from "./order.ts";

afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", units: {} });
  useBench.setState({ order: "price" });
});

// Its rows are virtual, and drawn in the browser tests: nothing has a height here.
/** As text is searched: every space is a plain one. */
const read = (value: number) => figure(value).replace(/\s/g, " ");

describe("the table of candidates", () => {
  it("counts suitable candidates, those with a cannot tell, and those ruled out", async () => {
    const { view } = atTheBench("XV-3052");
    render(<CandidateList view={view} />);
    const { standing, cannotTell, considered, rows } = view;
    expect(
      screen.getByText(
        `${read(standing - cannotTell)} suitable, ${read(cannotTell)} cannot tell, ${read(considered - standing)} ruled out`,
        { exact: false },
      ),
    ).toBeTruthy();
    await vi.waitFor(() =>
      expect(screen.getByRole("grid").getAttribute("aria-rowcount")).toBe(String(rows.length + 1)),
    );
  });
  it("says fails on where the first already fails", async () => {
    const { view } = atTheBench("XV-4020");
    render(<CandidateList view={view} />);
    expect(await screen.findByText("limited by")).toBeTruthy();
  });
  it("changes the order by list and by key", () => {
    render(<CandidateList view={atTheBench("XV-3052").view} />);
    fireEvent.change(screen.getByLabelText("Order of suitable candidates"), { target: { value: "torque" } });
    expect(useBench.getState().order).toBe("torque");
    fireEvent.click(screen.getByRole("button", { name: "Next order" }));
    expect(useBench.getState().order).toBe("price");
    for (const order of ["margin", "weight", "torque", "price"]) {
      nextOrder();
      expect(useBench.getState().order).toBe(order);
    }
  });
});

describe("no suitable candidate", () => {
  it("shows the nearest misses with every shortfall, in the reader's units", () => {
    const { view } = atTheBench("XV-4020");
    const { rerender } = render(<NoneSuitable view={view} />);
    expect(screen.getByRole("heading", { name: /No suitable candidate in the catalogue/ })).toBeTruthy();
    for (const miss of view.nearestMisses)
      for (const f of miss.misses) expect(screen.getAllByText(new RegExp(f.asks)).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/°C/).length).toBeGreaterThan(0);
    useReading.setState({ system: "US" });
    rerender(<NoneSuitable view={{ ...view }} />);
    expect(screen.getAllByText(/°F/).length).toBeGreaterThan(0);
    expect(screen.queryByText(/°C/)).toBeNull();
  });
  it("selects a miss, and is hidden where a candidate is suitable", () => {
    const { view } = atTheBench("XV-4020");
    render(<NoneSuitable view={view} />);
    fireEvent.click(screen.getAllByRole("button")[0]!);
    expect(useBench.getState().selected).toBe(view.nearestMisses[0]!.key);
    cleanup();
    const { container } = render(<NoneSuitable view={atTheBench("XV-3017").view} />);
    expect(container.textContent).toBe("");
  });
});
