// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Asked, answering, inTheShell, problem } from "../../../test/answers.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { workersInPlace } from "../../../test/workers.ts";
import { queryClient } from "../../app/queries.ts";
import { listApi } from "../../workers/list-api.ts";
import { ImportRoom } from "./import-room.tsx";

const { answers, rows } = demoProject(["XV-3052", "XV-3017", "XV-1034"]);
let asked: Asked[];
const open = (more: Record<string, unknown> = {}) => {
  ({ asked } = answering({
    ...more,
    ...answers,
    "/drafts": [],
  }));
  inTheShell(<ImportRoom />, "/import");
};
const pick = (text: string, name = "list.csv") => {
  const input = document.querySelector<HTMLInputElement>("input[type=file]")!;
  fireEvent.change(input, { target: { files: [new File([text], name)] } });
};
const region = (name: string) => within(screen.getByRole("region", { name }));
const imported = () =>
  asked.find((a) => a.method === "POST" && a.address.endsWith("/imports"))?.body as
    | {
        tags: { number: string; duty: { dn: number; onSupplyLoss: string }; version?: number }[];
        gone?: { id: string; version: number }[];
        later?: { content: { rows: { row: number }[] } };
      }
    | undefined;

beforeEach(() => {
  answering(answers);
  workersInPlace({ "list.worker": listApi });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const bad = "Valve Tag;Size;Fail;Notes\nXV-1;DN 50;springy;sand\nXV-2;DN 55;FC;\nXV-3;DN 80;springy;\n";
const done = { added: 3, updated: 0, unchanged: 0, removed: 0 };

describe("a list in the import room", () => {
  it("shows what it understands, and stores complete tags", async () => {
    open({ "/imports": done, "/list-memories": null });
    pick('Valve Tag,Size,Fail\nXV-1,2",FC\nXV-2,3",FO\n');
    fireEvent.click(await screen.findByText("Store 2 tags"));
    await vi.waitFor(() => expect(imported()).toBeTruthy());
    expect(imported()!.tags.map(({ number, duty }) => [number, duty.dn, duty.onSupplyLoss])).toEqual([
      ["XV-1", 50, "closes"],
      ["XV-2", 80, "opens"],
    ]);
    await vi.waitFor(() =>
      expect(
        asked.some(({ method, address }) => method === "PUT" && address.includes("/list-memories/")),
      ).toBe(true),
    );
  });
  it("is read as before only with the same number of columns", async () => {
    const text = "Valve Tag,Size\nXV-1,50\n";
    /** Remembered decisions are read only once the project is known. */
    const withProject = () =>
      vi.waitFor(() => expect(asked.some((a) => a.address.endsWith("/tags"))).toBe(true));
    open();
    await withProject();
    pick(text);
    await screen.findByText("Store 1 tag");
    const { address } = asked.find((a) => a.address.includes("/list-memories/"))!;
    const column = { column: 0, heading: "Valve Tag", field: null, unit: null, doubt: null };
    for (const [columns, remembered] of [
      [3, false],
      [2, true],
    ] as const) {
      cleanup();
      open({ [address]: { plan: Array.from({ length: columns }, () => column), values: {} } });
      await withProject();
      pick(text);
      if (remembered) await screen.findByText(/read like earlier lists with these headings/);
      else {
        // Decisions on three columns do not apply to two columns.
        await screen.findByText("Store 1 tag");
        expect(screen.queryByText(/read like earlier lists with these headings/)).toBeNull();
      }
    }
  });
  it("corrects a value in all its rows, and a cell in place", async () => {
    open({ "/imports": done });
    pick(bad);
    await screen.findByText("2 values are not understood");
    fireEvent.change(region("Values not understood").getByLabelText("springy in Fail is read as"), {
      target: { value: "closes" },
    });
    const cell = await screen.findByLabelText("Size, row 3");
    await vi.waitFor(() => expect(region("Rows to correct").queryByLabelText("Fail, row 2")).toBeNull());
    fireEvent.change(cell, { target: { value: "DN 50" } });
    fireEvent.keyDown(cell, { key: "Enter" });
    fireEvent.click(await screen.findByText("Store 3 tags"));
    await vi.waitFor(() =>
      expect(imported()!.tags.map(({ duty }) => [duty.dn, duty.onSupplyLoss])).toEqual([
        [50, "closes"],
        [50, "closes"],
        [80, "closes"],
      ]),
    );
  });
  it("removes tags missing from a revised list on request, and none with a sheet", async () => {
    const [first, second, third] = rows;
    const more = {
      ...answers,
      "/tags": [first, second, { ...third!, sheet: { id: third!.id, revision: "A" } }],
    };
    ({ asked } = answering({ "/imports": done, ...more, "/drafts": [] }));
    inTheShell(<ImportRoom />, "/import");
    pick(`Valve Tag,Size\n${first!.number},DN 25\n`);
    await screen.findByText("Store 1 tag");
    fireEvent.click(screen.getByText(/^Not in the list: 2; they stay/));
    expect(screen.getByLabelText<HTMLInputElement>(`remove ${third!.number}`).disabled).toBe(true);
    fireEvent.click(screen.getByText("Remove all"));
    fireEvent.click(screen.getByLabelText(`remove ${second!.number}`));
    expect(screen.getByText("Store 1 tag")).toBeTruthy();
    fireEvent.click(screen.getByLabelText(`remove ${second!.number}`));
    fireEvent.click(screen.getByText("Store 1 tag, remove 1"));
    await vi.waitFor(() => expect(imported()!.gone).toEqual([{ id: second!.id, version: second!.version }]));
  });
  it("undoes and redoes every step", async () => {
    open();
    pick(bad);
    const cell = await screen.findByLabelText("Size, row 3");
    fireEvent.change(cell, { target: { value: "DN 50" } });
    fireEvent.keyDown(cell, { key: "Enter" });
    await vi.waitFor(() => expect(screen.queryByLabelText("Size, row 3")).toBeNull());
    fireEvent.click(screen.getByText("undo"));
    await screen.findByLabelText("Size, row 3");
    fireEvent.click(screen.getByText("redo"));
    await vi.waitFor(() => expect(screen.queryByLabelText("Size, row 3")).toBeNull());
  });
  it("copies a cell down to the faults below it, and excludes a row", async () => {
    open({ "/imports": done });
    pick(bad);
    const cell = await screen.findByLabelText("Fail, row 2");
    fireEvent.change(cell, { target: { value: "FO" } });
    fireEvent.keyDown(cell, { key: "d", ctrlKey: true });
    // The list is read again first, and new cells replace the ones on the screen.
    await vi.waitFor(() => expect(screen.queryByLabelText("Fail, row 2")).toBeNull());
    fireEvent.keyDown(await screen.findByLabelText("Size, row 3"), { key: "Delete", ctrlKey: true });
    fireEvent.click(await screen.findByText("Store 2 tags"));
    await vi.waitFor(() =>
      expect(imported()!.tags.map(({ number, duty }) => [number, duty.onSupplyLoss])).toEqual([
        ["XV-1", "opens"],
        ["XV-3", "opens"],
      ]),
    );
  });
  it("stores complete tags and lets the rest wait, together", async () => {
    open({ "/imports": done });
    pick(`${bad}XV-4;DN 80;FC;\n`);
    fireEvent.click(await screen.findByText("Store 1 tag, 3 rows later"));
    await vi.waitFor(() => expect(imported()!.tags.map(({ number }) => number)).toEqual(["XV-4"]));
    expect(imported()!.later!.content.rows.map(({ row }) => row)).toEqual([2, 3, 4]);
  });
  it("shows duplicate tags side by side, and joins, takes or renames them", async () => {
    open();
    pick("Tag,DN,Fail\nXV-1,50,FC\nXV-1,80,FC\n");
    const twice = await screen.findByRole("region", { name: "Duplicate tags" });
    expect(within(twice).getByText("80")).toBeTruthy();
    fireEvent.change(within(twice).getByLabelText("Another number for XV-1"), { target: { value: "XV-9" } });
    fireEvent.submit(within(twice).getByText("rename").closest("form")!);
    await screen.findByText("Store 2 tags");
  });
  it("suggests changes from words, and makes none by itself", async () => {
    open({ "/imports": done });
    pick("Tag,DN,Notes\nXV-1,50,steamed out\n");
    await screen.findByText("Store 1 tag");
    fireEvent.click(region("Suggestions").getByText("apply"));
    await screen.findByText("applied");
    fireEvent.click(await screen.findByText("Store 1 tag"));
    await vi.waitFor(() =>
      expect(imported()!.tags[0]).toMatchObject({ duty: { cases: [{ kind: "steam-out" }] } }),
    );
  });
  it("shows its changes in the project, and makes the accepted ones", async () => {
    open({ "/imports": done });
    pick("Tag,Service,Strokes a year\nXV-3052,Something else,77\nXV-NEW,New one,\n");
    await screen.findByText(/1 new, 1 changed, 0 unchanged, 2 in the project/);
    expect(screen.getByText(/→ 77/)).toBeTruthy();
    fireEvent.click(screen.getByText("None"));
    await screen.findByText("Store 1 tag");
    const compared = () => asked.filter(({ address }) => address.endsWith("/duties")).length;
    const before = compared();
    // The project's tags are read again, as after a save elsewhere: declined changes stay declined.
    queryClient.setQueriesData(
      { queryKey: ["tags"] },
      (now: unknown) =>
        now && JSON.parse(JSON.stringify(now).replace('"service":"', '"service":"Since then: ')),
    );
    await vi.waitFor(() => expect(compared()).toBe(before + 1));
    await screen.findByText(/1 new, 1 changed/);
    fireEvent.click(await screen.findByText("Store 1 tag"));
    await vi.waitFor(() => expect(imported()!.tags.map(({ number }) => number)).toEqual(["XV-NEW"]));
  });
  it("that is no list shows why, and what to do", async () => {
    open();
    pick("");
    expect((await screen.findByRole("alert")).textContent).toMatch(/list.csv: The file is empty/);
  });
  it("keeps everything when it cannot be stored, and shows why", async () => {
    open({ "/imports": problem(409, "XV-1 is already in the project.") });
    pick("Tag,DN\nXV-1,50\n");
    fireEvent.click(await screen.findByText("Store 1 tag"));
    expect((await screen.findByRole("alert")).textContent).toMatch(/already in the project/);
    expect(screen.getByText("Store 1 tag")).toBeTruthy();
  });
});
