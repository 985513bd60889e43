// @vitest-environment happy-dom
import { cavityNamed, constructions, labelled, leakPathsOf } from "@proven-seat/core/construction/bodies";
import { emptyDuty } from "@proven-seat/core/duty";
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { useReading } from "../app/reading.ts";
import UnitsDialog from "../app/units-dialog.tsx";
import { useBench } from "../bench/bench-store.ts";
import { Changes } from "../rooms/shelf/changes.tsx";
import type { SectionData } from "../workers/views.ts";
import { SectionPicture } from "./body/section-picture.tsx";
import { AddCase } from "./duty/add-case.tsx";
import { useAddCase } from "./duty/adding-case.ts";
import { FluidFields } from "./duty/fluid-fields.tsx";

const fluid = () => useBench.getState().content!.duty.fluid;
beforeEach(() =>
  useBench.setState({
    content: { number: "X", service: "", unit: "", duty: emptyDuty, choice: null },
    unreadable: {},
  }),
);
afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", absolute: false, units: {}, fieldUnits: {} });
  useAddCase.setState({ open: false });
});

const section = (id: string): SectionData => {
  const c = constructions.find((construction) => construction.id === id)!;
  return {
    construction: id,
    dimensions: {
      boreMm: 74,
      closureDiameterMm: 115,
      seatContactDiameterMm: 82,
      seatWidthMm: 5,
      stemDiameterMm: 25,
      offsetsMm: [14, 4],
      faceToFaceMm: null,
    },
    dimensionsEstimated: false,
    cavity: cavityNamed(c.cavities[0]!),
    differentialBar: 20,
    thrustN: 10_500,
    seatLoadN: 12_000,
    parts: labelled(c.parts, c.assembly(c.cavities[0]!)),
    leakPaths: leakPathsOf(c.assembly(c.cavities[0]!)),
    strengths: c.strengths,
    limits: c.limits,
  };
};

describe("the section", () => {
  it.each(constructions.map((c) => c.id))("names every part of %s in one view or the other", (id) => {
    const { container } = render(<SectionPicture data={section(id)} />);
    const seen = new Set<string>();
    for (const view of ["along the stem", "from above"]) {
      fireEvent.click(screen.getByRole("button", { name: view }));
      for (const text of container.querySelectorAll("svg text")) seen.add(text.textContent!);
    }
    for (const part of section(id).parts) expect(seen).toContain(part.name);
  });
  it("shows the forces while shut, and otherwise asks to shut it", () => {
    render(<SectionPicture data={section("floating-two-piece")} />);
    expect(
      screen.getByText(/Closed at 20 bar: thrust of the line 10.5 kN, downstream seat 12 kN/),
    ).toBeTruthy();
    fireEvent.change(screen.getByLabelText("opening angle"), { target: { value: "40" } });
    expect(screen.getByText(/Close it to see/)).toBeTruthy();
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain("40° open");
  });
  it("reports where dimensions are estimates", () => {
    render(<SectionPicture data={{ ...section("plug-sleeved"), dimensionsEstimated: true }} />);
    expect(screen.getByText(/Dimensions estimated from the bore/)).toBeTruthy();
  });
});

describe("the fluid", () => {
  const drawn = () => render(<FluidFields fault={() => undefined} />);
  it("takes name and family from the substance where none is entered", () => {
    drawn();
    fireEvent.change(screen.getByLabelText("substance"), { target: { value: "ammonia" } });
    expect(fluid()).toMatchObject({ substance: "ammonia", family: "ammonia" });
    expect(fluid().name).not.toBe("");
    fireEvent.change(screen.getByLabelText("fluid"), { target: { value: "my own" } });
    fireEvent.change(screen.getByLabelText("substance"), { target: { value: "propane" } });
    expect(fluid()).toMatchObject({ substance: "propane", name: "my own", family: "ammonia" });
  });
  it("counts the hazards of the substance, adds entered ones, and sets one aside only with a reason", () => {
    drawn();
    fireEvent.change(screen.getByLabelText("substance"), { target: { value: "ammonia" } });
    const chip = (name: string) => screen.getByRole("button", { name });
    expect(chip("toxic").getAttribute("aria-pressed")).toBe("true");
    expect(fluid().hazards).toBeNull();
    fireEvent.click(chip("oxygen"));
    expect(fluid().hazards).toEqual(["oxygen"]);
    fireEvent.click(chip("oxygen"));
    expect(fluid().hazards).toBeNull();
    fireEvent.click(chip("toxic"));
    expect(fluid()).toMatchObject({ hazards: null, setAside: ["toxic"], setAsideBecause: null });
    fireEvent.change(screen.getByLabelText("reason for setting aside"), { target: { value: "scrubbed" } });
    expect(fluid().setAsideBecause).toBe("scrubbed");
    fireEvent.click(chip("toxic"));
    expect(fluid()).toMatchObject({ setAside: null, setAsideBecause: null });
    expect(screen.queryByLabelText("reason for setting aside")).toBeNull();
  });
  it("shows estimates as such at the first complete case, and lets a value replace them", () => {
    drawn();
    fireEvent.change(screen.getByLabelText("substance"), { target: { value: "propane" } });
    const density = screen.getByLabelText<HTMLInputElement>(/^density/);
    expect(density.placeholder).toBe("–");
    useBench.getState().addCase("normal");
    useBench.getState().editCase("c1", { upstreamBarG: 4, temperatureC: 20 });
    cleanup();
    drawn();
    const estimated = screen.getByLabelText<HTMLInputElement>(/^density/);
    expect(estimated.placeholder).toMatch(/≈ .* est\./);
    expect(estimated.title).toMatch(/^Estimate:/);
    fireEvent.change(estimated, { target: { value: "30 lb/ft3" } });
    expect(fluid().densityKgM3).toBeCloseTo(480.55, 1);
  });
});

describe("adding a case", () => {
  it("lists every kind with its meaning and starts the selected one", () => {
    render(<AddCase />);
    fireEvent.click(screen.getByRole("button", { name: /add case/ }));
    const dialog = within(screen.getByRole("dialog"));
    expect(dialog.getAllByRole("listitem")).toHaveLength(10);
    fireEvent.click(dialog.getByRole("button", { name: /^steam-out/ }));
    expect(useBench.getState().content!.duty.cases).toMatchObject([
      { kind: "steam-out", temperatureC: 148, mayBeShut: false },
    ]);
    expect(useAddCase.getState().open).toBe(false);
  });
});

describe("units chosen by the reader", () => {
  it("are stored by quantity and by field, and reset together", () => {
    render(<UnitsDialog onClose={() => undefined} />);
    fireEvent.change(screen.getByLabelText("temperature"), { target: { value: "°F" } });
    expect(useReading.getState().units).toEqual({ temperature: "°F", "temperature difference": "°F" });
    fireEvent.change(screen.getByLabelText("line test"), { target: { value: "kPa g" } });
    expect(useReading.getState().fieldUnits).toEqual({ lineTestBarG: "kPa g" });
    fireEvent.click(screen.getByRole("button", { name: "all by the unit system" }));
    expect(useReading.getState()).toMatchObject({ units: {}, fieldUnits: {} });
  });
});

describe("a difference of catalogues", () => {
  it("shows additions, and opens changes", () => {
    const head = { of: "line", maker: "M", values: [] } as const;
    render(
      <Changes
        changes={[
          { ...head, kind: "added", id: "a", name: "A" },
          {
            ...head,
            kind: "changed",
            id: "b",
            name: "B",
            values: [{ place: "sizes, DN 50 class 300, boreMm", was: 49, now: 48 }],
          },
        ]}
      />,
    );
    expect(screen.getByRole<HTMLButtonElement>("button", { name: /added M A/ }).disabled).toBe(true);
    fireEvent.click(screen.getByRole("button", { name: /changed M B/ }));
    expect(screen.getByText("49 → 48")).toBeTruthy();
  });
});
