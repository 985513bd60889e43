// @vitest-environment happy-dom
import type { TagRow } from "@proven-seat/contract";
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { type Asked, answering, inTheShell, problem } from "../../../test/answers.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { basisKey } from "./pinned-project.ts";
import { useSummaries } from "./use-summaries.ts";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const { answers, project, rows } = demoProject(["XV-3052", "XV-3017", "XV-4020"]);
const marks = { verdict: "holds" } as never;
const unproved = rows[2]!;

function List({ rows }: { rows: readonly TagRow[] }) {
  const [visible, setVisible] = useState(rows.slice(0, 1));
  const [exported, setExported] = useState("");
  const { summaryOf, summariesOf } = useSummaries(
    project,
    (row) => (row.id === unproved.id ? null : marks),
    visible,
  );
  const names = (summary: typeof summaryOf) =>
    rows.filter((row) => summary(row) !== null).map((r) => r.number);
  return (
    <>
      <p>known: {names(summaryOf).join()}</p>
      <p>exported: {exported}</p>
      <button type="button" onClick={() => setVisible([...rows])}>
        scroll
      </button>
      <button
        type="button"
        onClick={() => void summariesOf(rows).then((summary) => setExported(names(summary).join()))}
      >
        export
      </button>
    </>
  );
}
const idsAsked = (asked: readonly Asked[]) =>
  asked
    .filter(({ address }) => address.endsWith("/summaries"))
    .map(({ body }) => (body as { ids: string[] }).ids);
const id = (index: number) => rows[index]!.id;

describe("summaries of tags", () => {
  it("are fetched for visible rows with marks, each only once", async () => {
    const [first, second] = answers["/summaries"] as unknown[];
    const before = answering({ ...answers, "/summaries": [first] });
    inTheShell(<List rows={rows} />);
    await screen.findByText(/known: XV-3052$/);
    expect(idsAsked(before.asked)).toEqual([[id(0)]]);
    // Other answers empty the cache of the page; the first row's data is put back.
    const kept = queryClient.getQueryData(queryKeys.summaries(project.id, basisKey(project)));
    const after = answering({ ...answers, "/summaries": [second] });
    queryClient.setQueryData(queryKeys.summaries(project.id, basisKey(project)), kept);
    fireEvent.click(screen.getByText("scroll"));
    await screen.findByText(/known: XV-3052,XV-3017$/);
    expect(idsAsked(after.asked)).toEqual([[id(1)]]);
  });
  it("are complete when they are exported, without those that were not proved", async () => {
    const { asked } = answering(answers);
    inTheShell(<List rows={rows} />);
    await screen.findByText(/known: XV-3052/);
    fireEvent.click(screen.getByText("export"));
    await screen.findByText("exported: XV-3052,XV-3017");
    expect(idsAsked(asked).flat()).not.toContain(unproved.id);
  });
  it("are asked for again after a request that failed, once other rows are visible", async () => {
    const broken: Record<string, unknown> = { "/summaries": problem(503, "The database is away.") };
    const { asked } = answering({ ...answers, ...broken });
    inTheShell(<List rows={rows} />);
    await vi.waitFor(() => expect(idsAsked(asked)).toHaveLength(1));
    const again = answering(answers);
    await act(async () => fireEvent.click(screen.getByText("scroll")));
    await screen.findByText(/known: XV-3052,XV-3017$/);
    expect(idsAsked(again.asked)).toEqual([[id(0), id(1)]]);
  });
});
