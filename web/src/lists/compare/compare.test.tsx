// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useBench } from "../../bench/bench-store.ts";
import Compare from "./compare.tsx";
import { differingFirst } from "./differing-first.ts";

afterEach(cleanup);

const beside = async (picks: readonly number[]) => {
  const bench = atTheBench("XV-3052");
  for (const column of picks) useBench.getState().compare(bench.view.rows[column]!.key);
  render(<Compare view={bench.view} />);
  // The first column is for the names of the rows.
  const columns = Math.min(picks.length, 4) + 1;
  await vi.waitFor(() => expect(screen.getAllByRole("columnheader")).toHaveLength(columns));
  return bench;
};
const heads = () => screen.getAllByRole("columnheader").slice(1);
const named = () => screen.getAllByRole("rowheader").map((h) => h.textContent);
const cells = (name: string) => {
  const header = screen.getAllByRole("rowheader").find((h) => h.textContent === name)!;
  return [...header.parentElement!.querySelectorAll('[role="cell"]')].map((c) => c.textContent);
};

describe("candidates side by side", () => {
  it("explain how to start while there are none", () => {
    const { view } = atTheBench("XV-3052");
    render(<Compare view={view} />);
    expect(screen.getByText(/Nothing to compare yet/)).toBeTruthy();
  });
  it("show differences, and equal rows on request", async () => {
    const { view } = await beside([0, 1]);
    await screen.findByRole("table");
    expect(heads()).toHaveLength(2);
    const shown = named();
    expect(cells("construction")).toEqual(view.rows.slice(0, 2).map((r) => r.valve.construction));
    expect(shown).toContain("price");
    expect(shown).not.toContain("class");
    fireEvent.click(screen.getByText("all rows"));
    expect(named().length).toBeGreaterThan(shown.length);
    expect(named()).toContain("class");
  });
  it("are four at most: a fifth replaces the first", async () => {
    const { view } = await beside([0, 1, 2, 3, 4]);
    expect(useBench.getState().compared).toEqual(view.rows.slice(1, 5).map((r) => r.key));
    expect(heads()).toHaveLength(4);
  });
  it("can be removed one by one and selected", async () => {
    const { view } = await beside([0, 1, 2]);
    fireEvent.click(screen.getAllByLabelText(/^remove/)[1]!);
    expect(useBench.getState().compared).toEqual([view.rows[0]!.key, view.rows[2]!.key]);
    fireEvent.click(within(heads()[0]!).getByTitle(view.rows[0]!.key));
    expect(useBench.getState().selected).toBe(view.rows[0]!.key);
  });
  it("report one that is no longer a candidate", async () => {
    const { view } = atTheBench("XV-3052");
    useBench.setState({ compared: [view.rows[0]!.key, "gone + away"] });
    render(<Compare view={view} />);
    expect(await screen.findByText(/1 of them no longer a candidate/)).toBeTruthy();
  });
  it("give a valve by construction no torque and no price", async () => {
    const bench = atTheBench("XV-3052");
    const unoffered = bench.api
      .constructions()
      .filter((c) => c.standing === 0)
      .map((c) => bench.api.byConstruction(c.id))
      .find((found) => found !== null)!;
    useBench.setState({ compared: [bench.view.rows[0]!.key, unoffered.key] });
    render(<Compare view={bench.view} />);
    await screen.findByRole("table");
    expect(cells("price")[1]).toBe("ask the maker");
    expect(cells("breakaway torque")[1]).toBe("ask the maker");
  });
});

describe("rows that differ", () => {
  it("come first, and keep their order otherwise", () => {
    const rows = [
      { name: "a", cells: ["x", "x"] },
      { name: "b", cells: ["x", "y"] },
      { name: "c", cells: ["z", "z"] },
      { name: "d", cells: ["1", "2"] },
    ];
    expect(differingFirst(rows, (r) => r.cells).map((r) => [r.name, r.differs])).toEqual([
      ["b", true],
      ["d", true],
      ["a", false],
      ["c", false],
    ]);
  });
});
