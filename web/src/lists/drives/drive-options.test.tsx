// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import DriveOptions from "./drive-options.tsx";

afterEach(cleanup);
const ballOf = (number: string) => {
  const bench = atTheBench(number);
  const key = bench.view.rows.find((r) => r.valve.constructionId === "trunnion-side-entry")!.key;
  return { ...bench, view: bench.prove(key) };
};

describe("actuators for the selected valve", () => {
  it("are all that the duty allows, the suitable ones first", async () => {
    const { view, api } = ballOf("XV-3052");
    render(<DriveOptions view={view} />);
    const drives = api.drives(view.selected!.candidate.key);
    const standing = drives.map((d) => d.verdict !== "fails");
    expect(new Set(standing).size).toBe(2);
    expect(standing.indexOf(false)).toBe(standing.lastIndexOf(true) + 1);
    await screen.findByRole("grid", { name: "Actuators" });
    const rows = screen.getAllByRole("row").filter((row) => row.hasAttribute("aria-selected"));
    expect(rows).toHaveLength(drives.length);
    for (const [i, row] of rows.entries()) expect(row.textContent).toContain(drives[i]!.drive!.size);
  });
});
