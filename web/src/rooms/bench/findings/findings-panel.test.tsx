// @vitest-environment happy-dom

import { figuresOf, type RuleStation } from "@proven-seat/core/judgement/rules";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../../test/at-the-bench.tsx";
import { useReading } from "../../../app/reading.ts";
import { FindingsPanel } from "./findings-panel.tsx";

afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", units: {} });
});
const drawn = (number: string, focus: RuleStation | null = null) => {
  const { view } = atTheBench(number);
  const detail = view.selected!;
  render(<FindingsPanel detail={detail} focus={focus} />);
  return { detail, findings: detail.candidate.findings };
};
const lines = () => [...document.querySelectorAll<HTMLButtonElement>("li > button")];
const line = (asks: string) => screen.getByTitle(asks).closest("button")!;

describe("the findings of the selected candidate", () => {
  it("are those asked, by station, in the order of the stations", () => {
    const { findings } = drawn("XV-3052");
    const asked = findings.filter((f) => f.verdict !== "not asked");
    expect(lines()).toHaveLength(asked.length);
    expect([...document.querySelectorAll("h3")].map((h) => h.textContent)).toEqual([
      "Duty",
      "Body",
      "Envelope",
      "Flow",
      "Torque",
      "Actuation",
      "Fit-up",
    ]);
  });
  it("show what was not asked on request, and hide it again", () => {
    const { findings } = drawn("XV-3052");
    fireEvent.click(screen.getByText(/^\d+ not asked$/));
    expect(lines()).toHaveLength(findings.length);
    fireEvent.click(screen.getByText("hide not asked"));
    expect(lines().length).toBeLessThan(findings.length);
  });
  it("open on the limiting one, with inputs, origins and source", () => {
    const { findings, detail } = drawn("XV-1034");
    const held = findings.find((f) => f.rule === detail.candidate.heldBackBy)!;
    expect(held.verdict).toBe("tight");
    const open = lines().filter((l) => l.getAttribute("aria-expanded") === "true");
    expect(open).toHaveLength(1);
    const inside = within(open[0]!.parentElement!);
    for (const used of held.uses) {
      expect(inside.getAllByText(used.what).length).toBeGreaterThan(0);
      expect(inside.getAllByText(used.origin).length).toBeGreaterThan(0);
    }
    expect(inside.getByText(held.source)).toBeTruthy();
  });
  it("open and close by hand, and stay closed", () => {
    drawn("XV-3052");
    const rating = line("Body rating");
    expect(rating.getAttribute("aria-expanded")).toBe("false");
    fireEvent.click(rating);
    expect(rating.getAttribute("aria-expanded")).toBe("true");
    expect(rating.parentElement!.textContent).toContain("Limited by maximum.");
    fireEvent.click(rating);
    expect(rating.getAttribute("aria-expanded")).toBe("false");
  });
  it("write a sign that is true between value and limit", () => {
    const { findings } = drawn("XV-3052");
    for (const f of findings) {
      const { value, limit, sense, decides } = figuresOf(f);
      if (f.verdict === "not asked" || typeof limit !== "number" || typeof value !== "number") continue;
      if (sense === "is") continue;
      const text = line(f.asks).textContent!;
      // Where something else decides, it is named in place of a sign that would not agree with the mark.
      if (decides !== null) expect(text, f.rule).toContain(decides);
      else if (value > limit) expect(text, f.rule).toMatch(/[>≥]/);
      else if (value < limit) expect(text, f.rule).toMatch(/[<≤]/);
    }
  });
  it("are in the reader's units, figures and margins alike", () => {
    useReading.setState({ system: "US" });
    drawn("XV-3052");
    expect(line("Body rating").textContent).toMatch(/psi g/);
    expect(line("Seat temperature margin").textContent).toMatch(/°F.*\+\d+ °F/);
    expect(line("Actuator torque").textContent).toMatch(/lbf·ft/);
    expect(screen.queryByText(/bar g|N·m/)).toBeNull();
  });
  it("show the remedy of one that fails", () => {
    const { findings, detail } = drawn("XV-4020");
    const held = findings.find((f) => f.rule === detail.candidate.heldBackBy)!;
    expect(held.verdict).toBe("fails");
    expect(screen.getByText(`Remedy: ${figuresOf(held).remedy}`)).toBeTruthy();
  });
  it("follow the station: its own first and open, the others folded with counts, opened by a press", () => {
    const { findings } = drawn("XV-3052", "drive");
    const headings = () => [...document.querySelectorAll("h3")].map((h) => h.textContent!);
    expect(headings()[0]).toBe("Actuation");
    expect(headings()[1]).toMatch(/^Duty.*\d+ (tight|holds)/);
    expect(headings()[2]).toMatch(/^Body.*\d+ (tight|holds)/);
    const ofDrive = findings.filter((f) => f.station === "drive" && f.verdict !== "not asked");
    expect(lines()).toHaveLength(ofDrive.length);
    const body = screen.getByRole("button", { name: /Body/ });
    expect(body.getAttribute("aria-expanded")).toBe("false");
    fireEvent.click(body);
    expect(lines().length).toBeGreaterThan(ofDrive.length);
    fireEvent.click(screen.getByRole("button", { name: /Body/ }));
    expect(lines()).toHaveLength(ofDrive.length);
  });
  it("name what decides where the two figures alone do not", () => {
    const { findings } = drawn("XV-3052");
    const odd = findings.filter((f) => {
      const { value, limit, sense, decides } = figuresOf(f);
      if (typeof value !== "number" || typeof limit !== "number" || decides !== null) return false;
      const kept = sense === "≤" ? value <= limit : sense === "≥" ? value >= limit : true;
      return f.verdict === "holds" && !kept;
    });
    expect(odd.map((f) => f.rule)).toEqual([]);
  });
});
