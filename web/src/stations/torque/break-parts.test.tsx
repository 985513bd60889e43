// @vitest-environment happy-dom
import { cleanup, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import BreakPartsTable from "./break-parts.tsx";

afterEach(cleanup);
const rows = (table: HTMLElement) => within(table).getAllByRole("row").slice(1);

describe("the parts of a breakaway torque", () => {
  it("are beside the maker's table, case by case", () => {
    const { view } = atTheBench("XV-3052");
    render(<BreakPartsTable view={view} />);
    const { cases } = view.selected!.torque;
    expect(rows(screen.getByRole("table"))).toHaveLength(cases.length);
    expect(screen.getAllByTitle(/^seat /)).toHaveLength(cases.length);
    expect(screen.getAllByTitle(/maker's table/)).toHaveLength(cases.length);
  });
  it("show the flow torque, on which stroke and where", () => {
    const { view } = atTheBench("XV-6001");
    render(<BreakPartsTable view={view} />);
    const { cases } = view.selected!.torque;
    const { at } = cases.find((c) => (c.flow?.mostNm ?? 0) > 0)!.flow!;
    expect(screen.getAllByText(`${at.stroke}, ${at.degrees}°`).length).toBeGreaterThan(0);
  });
  it("are none for a disc that does not rub", () => {
    render(<BreakPartsTable view={atTheBench("XV-3017").view} />);
    expect(screen.getAllByText(/no rubbing/).length).toBeGreaterThan(0);
  });
});
