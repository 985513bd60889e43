// @vitest-environment happy-dom
import type { Drift, DriftedSheet, Proving } from "@proven-seat/contract";
import type { SheetDrift } from "@proven-seat/core/judgement/proof";
import { act, cleanup, fireEvent, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answering, Events, inTheShell, problem } from "../../../test/answers.tsx";
import { demoHouse, demoProject } from "../../../test/demo-project.ts";
import { DriftRoom } from "./drift-room.tsx";

const { project, answers, rows } = demoProject(["XV-3052", "XV-2011"]);
const address = `/api/projects/${project.id}`;
const summaries = answers["/summaries"] as { summary: Drift["tags"]["rows"][number]["was"] }[];
const none = { "cannot be proved": 0, "verdict changed": 0, "figures moved": 0, same: 0 };
const sheet: DriftedSheet = {
  id: "00000000-0000-4000-8000-0000000000aa",
  tag: rows[0]!.id,
  number: "XV-3052",
  revision: "B",
  outcome: "verdict changed",
  grave: 44,
  was: "holds",
  now: "fails",
  because: null,
  first: { asks: "Actuator torque", now: "fails" },
  acknowledged: null,
};
const basis = (version: number) => ({ catalogueRevision: 1, houseRuleVersion: version, engine: "0.6.0" });
const answer: Drift = {
  from: basis(1),
  to: basis(2),
  sheets: { counts: { ...none, "verdict changed": 1 }, unproved: 0, rows: [sheet] },
  tags: {
    counts: { ...none, "verdict changed": 1, same: 40 },
    unproved: 0,
    before: 0,
    rows: [
      {
        id: rows[1]!.id,
        number: "XV-2011",
        outcome: "verdict changed",
        grave: 43,
        was: summaries[1]!.summary,
        now: {
          ...summaries[1]!.summary,
          verdict: "fails",
          stations: { ...summaries[1]!.summary.stations!, drive: "fails" },
        },
      },
    ],
  },
};
const strength = (verdict: string, value: number) => ({
  rule: "drive/strength",
  station: "drive",
  asks: "Actuator torque",
  source: "",
  uses: [],
  kind: "measured",
  verdict,
  says: "",
  value,
  limit: 100,
  sense: "≤",
  unit: "N·m",
  caseId: null,
  caseName: "maximum",
  remedy: null,
  decides: null,
  margin: 1 - value / 100,
  marginUnit: "%",
  marginWanted: true,
  byCase: {},
});
const beside = {
  outcome: "verdict changed",
  grave: 44,
  was: { verdict: "holds", engine: "0.5.0" },
  now: { verdict: "fails", engine: "0.6.0" },
  because: null,
  findings: [
    {
      rule: "drive/strength",
      station: "drive",
      asks: "Actuator torque",
      was: strength("holds", 90),
      now: strength("fails", 110),
    },
  ],
} as unknown as SheetDrift;
const proving = (change: Partial<Proving> = {}): Proving => ({
  id: "00000000-0000-4000-8000-00000000000f",
  what: "list",
  ...basis(2),
  state: "under way",
  total: 48,
  done: 12,
  secondsLeft: 9.4,
  endedAt: null,
  ...change,
});

let drift: Drift;
beforeEach(() => {
  drift = answer;
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});
const open = async (more: Record<string, unknown> = {}) => {
  const query = "?catalogueRevision=1&houseRuleVersion=2";
  const server = answering({
    "GET /api/catalogue/versions": [
      {
        revision: 1,
        digest: "",
        name: "Demo",
        status: "",
        broughtIn: false,
        reason: "",
        createdAt: "2026-01-01T00:00:00Z",
        createdBy: "e",
      },
    ],
    "GET /api/house-rules/versions": [{ ...demoHouse, version: 2, reason: "Tighter" }, demoHouse],
    [`GET ${address}/drift${query}`]: drift,
    [`GET /api/sheets/${sheet.id}/drift${query}`]: beside,
    ...more,
    ...answers,
  });
  inTheShell(<DriftRoom />, `/projects/${project.id}/drift`);
  await screen.findByText("Tags");
  return server;
};

describe("the drift of a project", () => {
  it("opens on the newest basis, worst first, with the old beside the new", async () => {
    await open();
    expect(screen.getByLabelText<HTMLSelectElement>("house rules").value).toBe("2");
    expect(screen.getByText("1 verdict changed · 40 same")).toBeTruthy();
    expect(screen.getByText(/Actuator torque fails/)).toBeTruthy();
    const shown = within(screen.getByRole("region", { name: "Old and new" }));
    expect(await shown.findByText(/90 N·m ≤ 100 N·m/)).toBeTruthy();
    expect(shown.getByText(/110 N·m > 100 N·m/)).toBeTruthy();
    expect(shown.getByText(/As issued: holds. Proved with these: fails/)).toBeTruthy();
    fireEvent.keyDown(document.body, { key: "ArrowDown" });
    expect(document.activeElement?.textContent).toMatch(/^XV-2011/);
    expect(shown.getByText("Open the tag")).toBeTruthy();
    const line = shown.getByText("Actuation").closest("tr")!;
    expect(line.textContent).toBe("Actuationholdsfails");
  });
  it("proves what is missing, shows progress, and can be cancelled", async () => {
    drift = { ...answer, tags: { ...answer.tags, unproved: 48 } };
    const { asked } = await open({
      [`POST ${address}/provings`]: proving(),
      [`DELETE ${address}/provings/${proving().id}`]: proving({ state: "cancelled" }),
    });
    expect(screen.getByText<HTMLButtonElement>("Update the project to these …").disabled).toBe(true);
    fireEvent.click(screen.getByText("Prove 48 by these"));
    await vi.waitFor(() =>
      expect(asked.filter((a) => a.method === "POST").map((a) => a.body)).toEqual([
        { what: "sheets", catalogueRevision: 1, houseRuleVersion: 2 },
        { what: "list", catalogueRevision: 1, houseRuleVersion: 2 },
      ]),
    );
    const reads = () => asked.filter((a) => a.address.includes("/drift?")).length;
    const before = reads();
    act(() => Events.send([proving()]));
    // Each step is reported; the results of the tags are not read with each.
    for (const done of [13, 14, 15, 12]) act(() => Events.send([proving({ done })]));
    await vi.waitFor(() => expect(reads()).toBe(before + 1));
    // A proving on another basis does not matter here.
    act(() => Events.send([proving(), proving({ ...basis(9), done: 40 })]));
    expect((await screen.findByText(/proved 12 of 48/)).textContent).toMatch(/about 10 s left/);
    fireEvent.click(screen.getByText("cancel"));
    await vi.waitFor(() => expect(asked.some((a) => a.method === "DELETE")).toBe(true));
    act(() => Events.send([proving({ state: "failed", done: 40 })]));
    expect((await screen.findByRole("alert")).textContent).toMatch(/^8 could not be proved/);
  });
  it("proves the basis of comparison as well", async () => {
    drift = { ...answer, tags: { ...answer.tags, unproved: 48, before: 48 } };
    const { asked } = await open({ [`POST ${address}/provings`]: proving() });
    fireEvent.click(screen.getByText("Prove 96 by both"));
    await vi.waitFor(() =>
      expect(asked.filter((a) => a.method === "POST").map((a) => a.body)).toContainEqual({
        what: "list",
        catalogueRevision: 1,
        houseRuleVersion: 1,
      }),
    );
  });
  it("changes the project's basis by decision, with a reason, and reports when somebody was faster", async () => {
    const { asked } = await open({
      [`PUT ${address}/basis`]: problem(409, "Project Tarn Ness was changed."),
    });
    fireEvent.click(screen.getByText("Update the project to these …"));
    expect(screen.getByText(/Tags: 1 with changed verdict/)).toBeTruthy();
    expect(screen.getByText<HTMLButtonElement>("Update project").disabled).toBe(true);
    fireEvent.change(screen.getByLabelText("Reason for the update"), { target: { value: " Agreed " } });
    fireEvent.click(screen.getByText("Update project"));
    expect((await screen.findByRole("alert")).textContent).toBe("Project Tarn Ness was changed.");
    expect(asked.find((a) => a.method === "PUT")!.body).toEqual({
      catalogueRevision: 1,
      houseRuleVersion: 2,
      reason: "Agreed",
      version: 1,
    });
  });
  it("stores why a change may stay", async () => {
    const { asked } = await open({
      [`POST /api/sheets/${sheet.id}/drift`]: new Response(null, { status: 204 }),
    });
    const form = await screen.findByLabelText("Acknowledge");
    fireEvent.change(within(form).getByLabelText("Reason for accepting the change"), {
      target: { value: "Seen." },
    });
    fireEvent.submit(form);
    await vi.waitFor(() =>
      expect(asked.find((a) => a.method === "POST")?.body).toEqual({
        catalogueRevision: 1,
        houseRuleVersion: 2,
        reason: "Seen.",
      }),
    );
  });
  it("reports where nothing can be compared or nothing drifted", async () => {
    const empty = { counts: none, unproved: 0, before: 0, rows: [] };
    drift = { ...answer, from: null, sheets: empty, tags: empty };
    await open();
    expect(screen.getByText("No sheet has been issued yet.")).toBeTruthy();
    expect(screen.getByText(/^Nothing to compare/)).toBeTruthy();
    expect(screen.getByText("Nothing has drifted")).toBeTruthy();
  });
  it("shows why it cannot be read", async () => {
    answering({
      ...answers,
      "GET /api/catalogue/versions": problem(503, "The database cannot be reached."),
    });
    inTheShell(<DriftRoom />, `/projects/${project.id}/drift`);
    expect(await screen.findByText("The database cannot be reached.")).toBeTruthy();
  });
});
