// @vitest-environment happy-dom
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { useNavigate } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering, Events, inTheShell, problem } from "../../../test/answers.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { LineUp } from "./line-up.tsx";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const numbers = ["XV-3052", "XV-3017", "XV-4020", "XV-9001"];
const { answers, project } = demoProject(numbers);
const where = () => screen.getByLabelText("where").textContent;
const open = (more: Record<string, unknown> = {}) => {
  const server = answering({ ...more, ...answers });
  inTheShell(<LineUp />, "/line-up");
  return server;
};

function Switch({ to }: { to: string }) {
  const go = useNavigate();
  return (
    <button type="button" onClick={() => void go(`/projects/${to}/line-up`)}>
      switch
    </button>
  );
}

// Its rows are virtual, and drawn in the browser tests: nothing has a height here.
describe("the line-up", () => {
  it("counts its tags, and those that match the filter", async () => {
    open();
    expect(await screen.findByText("4 tags")).toBeTruthy();
    fireEvent.change(screen.getByPlaceholderText(/search tag/), { target: { value: "3052" } });
    expect(await screen.findByText("1 of 4 tags")).toBeTruthy();
    fireEvent.keyDown(screen.getByPlaceholderText(/search tag/), { key: "Escape" });
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
  it("filters by verdict once tags are proved, at a station too", async () => {
    open();
    await screen.findByText("4 tags");
    fireEvent.change(screen.getByLabelText("show verdict"), { target: { value: "fails" } });
    expect(await screen.findByText("1 of 4 tags")).toBeTruthy();
    fireEvent.change(screen.getByLabelText("at station"), { target: { value: "drive" } });
    expect(await screen.findByText("No tag matches the filter")).toBeTruthy();
    fireEvent.click(screen.getByText("Show all"));
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
  it("shows no mark of a duty that changed since", async () => {
    const moved = (answers["/tags"] as { number: string; version: number }[]).map((row) =>
      row.number === "XV-4020" ? { ...row, version: row.version + 1 } : row,
    );
    answering({ ...answers, "/tags": moved });
    inTheShell(<LineUp />, "/line-up");
    await screen.findByText("4 tags");
    fireEvent.change(screen.getByLabelText("show verdict"), { target: { value: "fails" } });
    expect(await screen.findByText("No tag matches the filter")).toBeTruthy();
  });
  it("proves what is not proved yet, shows progress, and can be cancelled", async () => {
    const proving = {
      id: "00000000-0000-4000-8000-00000000000f",
      what: "list",
      catalogueRevision: 1,
      houseRuleVersion: 1,
      engine: "0",
      state: "under way",
      total: 40,
      done: 0,
      secondsLeft: null,
      endedAt: null,
    };
    const address = `/api/projects/${project.id}/provings`;
    const { asked } = open({
      [`GET /api/projects/${project.id}/marks`]: [],
      [`POST ${address}`]: proving,
      [`DELETE ${address}/${proving.id}`]: { ...proving, state: "cancelled" },
    });
    await vi.waitFor(() =>
      expect(asked.find((a) => a.method === "POST" && a.address === address)?.body).toEqual({ what: "list" }),
    );
    act(() => Events.send([proving]));
    expect(await screen.findByText(/waiting for a worker process/)).toBeTruthy();
    const read = () => asked.filter((a) => a.address.endsWith("/marks")).length;
    const before = read();
    act(() => Events.send([{ ...proving, done: 10, secondsLeft: 12.2 }]));
    expect((await screen.findByText(/proved 10 of 40/)).textContent).toMatch(/about 13 s left/);
    // Marks come in as they are found.
    await vi.waitFor(() => expect(read()).toBeGreaterThan(before));
    fireEvent.click(screen.getByText("cancel"));
    expect(await screen.findByText(/Finished proofs are kept/)).toBeTruthy();
    await vi.waitFor(() => expect(asked.some((a) => a.method === "DELETE")).toBe(true));
    act(() => Events.send([{ ...proving, state: "cancelled" }]));
    const asks = () => asked.filter((a) => a.method === "POST" && a.address === address).length;
    expect(asks()).toBe(1);
    fireEvent.click(screen.getByText("prove the rest"));
    await vi.waitFor(() => expect(asks()).toBe(2));
    act(() => Events.send([{ ...proving, state: "failed", done: 37 }]));
    expect(await screen.findByText(/3 tags could not be proved/)).toBeTruthy();
    act(() => Events.lose());
    expect(await screen.findByText(/server cannot be reached/)).toBeTruthy();
  });
  it("cancelled in one project is proved in another", async () => {
    const other = { ...project, id: "00000000-0000-4000-8000-0000000000ff", name: "North" };
    const under = {
      id: "00000000-0000-4000-8000-00000000000f",
      what: "list",
      catalogueRevision: 1,
      houseRuleVersion: 1,
      state: "under way",
      total: 40,
      done: 1,
      secondsLeft: null,
    };
    const { asked } = answering({
      ...answers,
      "/api/projects": [project, other],
      "/marks": [],
      "/provings": under,
      [`DELETE /api/projects/${project.id}/provings/${under.id}`]: { ...under, state: "cancelled" },
    });
    inTheShell(
      <>
        <LineUp />
        <Switch to={other.id} />
      </>,
      `/projects/${project.id}/line-up`,
    );
    await screen.findByText("4 tags");
    act(() => Events.send([under]));
    fireEvent.click(await screen.findByText("cancel"));
    await screen.findByText(/was cancelled/);
    fireEvent.click(screen.getByText("switch"));
    await vi.waitFor(() =>
      expect(
        asked.some((a) => a.method === "POST" && a.address === `/api/projects/${other.id}/provings`),
      ).toBe(true),
    );
    expect(screen.queryByText(/was cancelled/)).toBeNull();
  });
  it("adds a tag under a free number, and opens it", async () => {
    const { asked } = open({ [`POST /api/projects/${project.id}/tags`]: { id: "new" } });
    await screen.findByText("4 tags");
    fireEvent.click(screen.getByText("Add tag"));
    await vi.waitFor(() => expect(where()).toBe(`/projects/${project.id}/tags/new/duty`));
    expect(asked.find((a) => a.method === "POST" && a.address.endsWith("/tags"))!.body).toMatchObject({
      number: "NEW-1",
    });
  });
  it("shows why a tag cannot be added, and stays", async () => {
    open({ [`POST /api/projects/${project.id}/tags`]: problem(409, "NEW-5 is there already.") });
    await screen.findByText("4 tags");
    fireEvent.click(screen.getByText("Add tag"));
    expect(await screen.findByText("NEW-5 is there already.")).toBeTruthy();
    expect(where()).toBe("/line-up");
  });
  it("invites to the first tag where there is none", async () => {
    answering({ ...answers, "/tags": [] });
    inTheShell(<LineUp />, "/line-up");
    expect(await screen.findByText("No tags yet")).toBeTruthy();
    fireEvent.click(screen.getByText("Import a line list"));
    expect(where()).toBe(`/projects/${project.id}/import`);
  });
  it("shows why it cannot be read, and reads again on request", async () => {
    answering({ ...answers, "/tags": problem(503, "The database cannot be reached.") });
    inTheShell(<LineUp />, "/line-up");
    expect(await screen.findByText("The database cannot be reached.")).toBeTruthy();
    // Earlier answers are dropped: the address answers now.
    vi.stubGlobal("fetch", async (address: string) => {
      const [, found] = Object.entries(answers).find(([end]) => address.replace(/\?.*/, "").endsWith(end))!;
      return new Response(JSON.stringify(found), { headers: { "content-type": "application/json" } });
    });
    fireEvent.click(screen.getByText("Try again"));
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
});
