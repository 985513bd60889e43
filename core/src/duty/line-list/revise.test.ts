import { describe, expect, it } from "vitest";
import { dutyWith } from "../../../test/fixture.ts";
import type { ListedTag } from "./list-reading.ts";
import { revise } from "./revise.ts";

const tag = (more: Partial<ListedTag> = {}): ListedTag => ({
  number: "XV-1",
  service: "Feed",
  unit: "",
  remarks: { Paint: "red" },
  duty: dutyWith({
    dn: 50,
    strokesPerYear: 12,
    cases: [
      { id: "c1", kind: "normal", name: "normal", upstreamBarG: 5, temperatureC: 20, mayBeShut: false },
    ],
  }),
  ...more,
});
const listed = (duty: Parameters<typeof dutyWith>[0], more: Partial<ListedTag> = {}): ListedTag =>
  tag({ service: "", remarks: {}, ...more, duty: { ...dutyWith({}), ...dutyWith(duty) } });
const blank = { strokesPerYear: null } as const;

describe("a revised list", () => {
  it("that repeats the project changes nothing", () => {
    const was = tag();
    const { changes, tag: now } = revise(was, was);
    expect(changes).toEqual([]);
    expect(now).toEqual(was);
    const kept = revise(
      tag({ duty: { ...was.duty, airMinimumBarG: 51.71067969876271 } }),
      tag({ duty: { ...was.duty, airMinimumBarG: 51.7106796987627 } }),
    );
    expect(kept.changes).toEqual([]);
  });
  it("changes its stated values and leaves the rest, field by field", () => {
    const { changes, tag: now } = revise(
      tag(),
      listed(
        {
          ...blank,
          dn: 80,
          cases: [{ id: "c1", kind: "normal", name: "normal", upstreamBarG: 9, temperatureC: null }],
        },
        { remarks: { Loop: "7" } },
      ),
    );
    expect(changes).toEqual([
      { label: "Size", was: "50", is: "80" },
      { label: "normal: Upstream", was: "5", is: "9" },
      { label: "Loop", was: "blank", is: "7" },
    ]);
    expect(now).toMatchObject({ service: "Feed", remarks: { Paint: "red", Loop: "7" } });
    expect(now.duty).toMatchObject({
      dn: 80,
      strokesPerYear: 12,
      cases: [{ upstreamBarG: 9, temperatureC: 20, mayBeShut: false }],
    });
  });
  it("never replaces a stated value by a guess, but fills blanks with it", () => {
    const was = tag({
      duty: { ...tag().duty, fluid: { ...tag().duty.fluid, family: "seawater and brine", substance: null } },
    });
    const guess = listed({
      ...blank,
      dn: null,
      cases: [],
      fluid: { name: "", phase: null, family: "water", substance: "water" },
    });
    const guessed = new Set(["fluid.family", "fluid.substance"]);
    expect(revise(was, guess, { guessed }).changes).toEqual([
      { label: "Substance", was: "blank", is: "water" },
    ]);
    expect(revise(was, guess).changes.map(({ label }) => label)).toEqual(["Substance", "Service family"]);
  });
  it("explains why its changes contradict other values, and then changes nothing", () => {
    const was = tag({
      duty: dutyWith({
        cases: [
          { id: "c1", kind: "normal", name: "normal", upstreamBarG: 9, downstreamBarG: 8, temperatureC: 20 },
        ],
      }),
    });
    const next = revise(
      was,
      listed({
        cases: [
          {
            id: "c1",
            kind: "normal",
            name: "normal",
            upstreamBarG: 5,
            downstreamBarG: null,
            temperatureC: null,
          },
        ],
      }),
    );
    expect(next.fault).toMatch(/Downstream pressure exceeds upstream pressure/);
    expect(next.tag).toBe(was);
    expect(next.changes).toEqual([{ label: "normal: Upstream", was: "9", is: "5" }]);
  });
  it("adds its new cases, with ids of their own", () => {
    const { tag: now } = revise(
      tag(),
      listed({
        ...blank,
        dn: null,
        cases: [{ id: "c1", kind: "maximum", name: "maximum", upstreamBarG: 10 }],
      }),
    );
    expect(now.duty.cases.map(({ id, kind }) => [id, kind])).toEqual([
      ["c1", "normal"],
      ["c2", "maximum"],
    ]);
  });
});
