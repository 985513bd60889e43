// @vitest-environment happy-dom
import type { SheetRow } from "@proven-seat/contract";
import { figure } from "@proven-seat/core/basis/units";
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell, problem } from "../../../test/answers.tsx";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { queryClient } from "../../app/queries.ts";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import SheetStation from "./sheet-station.tsx";

const sheet = (revision: string): SheetRow => ({
  id: `00000000-0000-4000-8000-00000000000${revision.charCodeAt(0) - 64}`,
  revision,
  verdict: "tight",
  engine: "0.3.0",
  digest: "abcdef0123456789",
  issuedAt: "2026-01-01T10:00:00.000Z",
  issuedBy: "engineer",
  valve: "v",
  drive: null,
  dutyVersion: 1,
});

let answers: Record<string, unknown>;
beforeEach(() => {
  answers = { "/sheets": [], "/api/projects": [] };
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  useReading.setState({ system: "metric", units: {} });
});

const drawn = (number: string, chosen: "first" | "last" | "gone" | "none", reason: string | null = null) => {
  const bench = atTheBench(number);
  const row = chosen === "last" ? bench.view.rows.at(-1)! : bench.view.rows[0]!;
  const choice =
    chosen === "none"
      ? null
      : {
          valve: chosen === "gone" ? "no such valve" : row.valve.key,
          drive: row.drive?.key ?? null,
          notes: "",
          overrideReason: reason,
        };
  useBench.setState({ content: { ...useBench.getState().content!, choice } });
  const view = bench.prove(null, choice);
  const override = vi.fn();
  const { asked } = answering(answers);
  inTheShell(<SheetStation view={view} onOverride={override} />);
  return { view, override, asked };
};

describe("the sheet", () => {
  it("asks for a choice first", () => {
    drawn("XV-3052", "none");
    expect(screen.getByText("No valve chosen yet")).toBeTruthy();
  });
  it("reports that the chosen valve is gone, and takes the choice back", () => {
    drawn("XV-3052", "gone");
    fireEvent.click(screen.getByText("Undo the choice"));
    expect(useBench.getState().content!.choice).toBeNull();
  });
  it("previews valve, drive, cases and verdict in the reader's units", async () => {
    useReading.setState({ system: "US" });
    const { view } = drawn("XV-3052", "first");
    const sheet = await screen.findByLabelText("Sheet preview");
    // The annex quotes notes of the reference tables as they are written.
    sheet.querySelector("details")!.remove();
    const preview = sheet.textContent!;
    for (const part of [view.selected!.candidate.valve.seat, view.selected!.candidate.drive!.size])
      expect(preview).toContain(part);
    expect(preview).toMatch(/psi g/);
    expect(preview).toMatch(/°F/);
    expect(preview).not.toMatch(/bar g|°C/);
    expect(preview).toContain(
      `${figure(view.considered)} candidates proved: ${figure(view.standing - view.cannotTell)} suitable, ${figure(view.cannotTell)} cannot tell, ${figure(view.considered - view.standing)} ruled out`,
    );
  });
  it("contains the cautions and its limits", async () => {
    drawn("XV-3052", "first");
    const preview = (await screen.findByLabelText("Sheet preview")).textContent!;
    expect(preview).toMatch(/Never put a hand into the bore/);
    expect(preview).toMatch(/vent the line and the cavity/);
    expect(preview).toMatch(/judgement of a licensed engineer prevail/);
  });
  it("is not issued on a failing valve without a reason", () => {
    const { override } = drawn("XV-3052", "last");
    expect(screen.getByText<HTMLButtonElement>(/^Issue revision/).disabled).toBe(true);
    fireEvent.click(screen.getByText("override with a reason"));
    expect(override).toHaveBeenCalledOnce();
  });
  it("is issued on one with a reason, and shows the reason", async () => {
    drawn("XV-3052", "last", "as the owner asked for in writing");
    expect(screen.getByText<HTMLButtonElement>(/^Issue revision/).disabled).toBe(false);
    expect(await screen.findByText(/Overridden by .*: as the owner asked/)).toBeTruthy();
  });
  it("is issued with the version seen, and looks again where that is no longer in force", async () => {
    answers = {
      ...answers,
      "GET /api/projects": [{ ...demoProject([]).project, catalogueRevision: 4, houseRuleVersion: 3 }],
      "GET /api/catalogue/4": { revision: 4 },
      "GET /api/house-rules/3": { version: 3 },
      "POST /api/tags/00000000-0000-4000-8000-000000000001/sheets": problem(409, "Revision 5 by now."),
    };
    useBench.setState({ version: 7, save: { kind: "saved", at: new Date() } });
    const { asked } = drawn("XV-3052", "first");
    const reads = () => asked.filter((a) => a.address === "/api/projects").length;
    await vi.waitFor(() => expect(asked.map((a) => a.address)).toContain("/api/house-rules/3"));
    await vi.waitFor(() => expect(queryClient.isFetching()).toBe(0));
    await act(async () => undefined);
    const before = reads();
    fireEvent.click(screen.getByText(/^Issue revision/));
    expect((await screen.findByRole("alert")).textContent).toBe("Revision 5 by now.");
    expect(asked.find((a) => a.method === "POST")!.body).toEqual({
      version: 7,
      catalogueRevision: 4,
      houseRuleVersion: 3,
      askedWith: expect.stringMatching(/^[0-9a-f-]{36}$/),
    });
    await vi.waitFor(() => expect(reads()).toBe(before + 1));
  });
  it("stores notes with the choice", () => {
    drawn("XV-3052", "first");
    fireEvent.change(screen.getByLabelText("Notes on the sheet"), { target: { value: "Insulate." } });
    expect(useBench.getState().content!.choice!.notes).toBe("Insulate.");
  });
});

describe("issued sheets", () => {
  it("are listed with who, when and by which engine, and name the next revision", async () => {
    answers = { ...answers, "/sheets": [sheet("B"), sheet("A")] };
    drawn("XV-3052", "first");
    expect(await screen.findByText("revision B")).toBeTruthy();
    expect(screen.getAllByText("abcdef012345")).toHaveLength(2);
    expect(screen.getByText("Issue revision C")).toBeTruthy();
  });
  it("skip letters that look like digits", async () => {
    answers = { "/sheets": [sheet("H")] };
    drawn("XV-3052", "first");
    expect(await screen.findByText("Issue revision J")).toBeTruthy();
  });
  it("are proved again, with same or the differences", async () => {
    answers = { "/sheets": [sheet("A")], "/reprove": { same: true, because: [], differences: [] } };
    drawn("XV-3052", "first");
    fireEvent.click(await screen.findByText("prove again"));
    expect(await screen.findByText("same")).toBeTruthy();
    answers["/reprove"] = {
      same: false,
      because: ["Engine 0.4.0 judges by a rule that 0.3.0 had not."],
      differences: [{ path: "proof.verdict", was: "tight", now: "fails" }],
    };
    fireEvent.click(screen.getByText("prove again"));
    expect(await screen.findByText(/1 difference: proof.verdict/)).toBeTruthy();
    expect(screen.getByText(/judges by a rule that 0.3.0 had not/)).toBeTruthy();
  });
});
