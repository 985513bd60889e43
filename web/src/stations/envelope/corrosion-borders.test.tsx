// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import CorrosionBorders from "./corrosion-borders.tsx";

afterEach(cleanup);

describe("corrosion borders", () => {
  it("draws a line for each wetted material of salt water", async () => {
    const { view } = atTheBench("XV-6009");
    render(<CorrosionBorders view={view} />);
    await screen.findByRole("heading", { name: "Chlorides: temperature limit by content" });
    const rows = [...document.querySelectorAll("tbody tr")].map((row) => row.textContent);
    expect(rows.length).toBeGreaterThan(0);
    expect(rows.join()).toContain("pitting");
  });
  it("says that there is nothing to draw for a fluid without either", async () => {
    const { view } = atTheBench("XV-3052");
    render(<CorrosionBorders view={view} />);
    expect(await screen.findByText(/No border to draw/)).toBeDefined();
  });
});
