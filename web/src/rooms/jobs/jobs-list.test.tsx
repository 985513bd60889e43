// @vitest-environment happy-dom

import type { JobRow } from "@proven-seat/contract";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it } from "vitest";
import { JobsList } from "./jobs-list.tsx";

const row = (i: number, change: Partial<JobRow> = {}): JobRow => ({
  id: `job-${i}`,
  tagId: `tag-${i}`,
  number: `XV-${i}`,
  service: "Feed",
  kind: "strip",
  valve: "a ball",
  startedAt: "2026-11-27T08:00:00.000Z",
  startedBy: "Day shift",
  steps: 40,
  done: 10,
  deviations: 0,
  finishedAt: null,
  lastAt: null,
  lastBy: null,
  ...change,
});
const show = (rows: JobRow[]) =>
  render(
    <MemoryRouter>
      <JobsList title="In progress" rows={rows} nothing="No job in progress." />
    </MemoryRouter>,
  );
afterEach(cleanup);

describe("jobs as a list", () => {
  it("reports where there are none", () => {
    show([]);
    expect(screen.getByText("No job in progress.")).toBeTruthy();
  });
  it("lead to their own pages, with their progress", () => {
    show([row(1), row(2, { kind: "find a leak", steps: 0 }), row(3, { deviations: 2 })]);
    const links = screen.getAllByRole("link").map((link) => link.getAttribute("href"));
    expect(links).toEqual([
      "/tags/tag-1/shop/strip?job=job-1",
      "/tags/tag-2/shop/leak?job=job-2",
      "/tags/tag-3/shop/strip?job=job-3",
    ]);
    expect(screen.getAllByText("10 of 40")).toHaveLength(2);
    expect(screen.getByText("trace in progress")).toBeTruthy();
    expect(screen.getByText("2")).toBeTruthy();
  });
  it("draw more than a hundred only on request", () => {
    show(Array.from({ length: 300 }, (_, i) => row(i)));
    expect(screen.getAllByRole("row")).toHaveLength(101);
    fireEvent.click(screen.getByRole("button", { name: "Show all 300" }));
    expect(screen.queryByRole("button")).toBeNull();
    expect(screen.getAllByRole("row")).toHaveLength(301);
  });
});
