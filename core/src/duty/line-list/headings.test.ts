import { describe, expect, it } from "vitest";
import { headingsAside } from "../../../test/line-lists/headings-aside.ts";
import { headingsMore } from "../../../test/line-lists/headings-more.ts";
import { headingOf, lineListField, lineListFields } from "./fields.ts";
import { gridOfText } from "./grid.ts";
import { concepts } from "./lexicon/concept.ts";
import { placesOf, sureConfidence } from "./place.ts";
import { planFor, unitChoices } from "./plan.ts";
import { findTable } from "./table.ts";

const placed = (heading: string) => placesOf(heading)[0] ?? null;
const wrongAndSure = (list: typeof headingsAside) =>
  list.filter(([heading, field]) => {
    const place = placed(heading);
    return (place?.field.id ?? null) !== field && (place?.confidence ?? 0) >= sureConfidence;
  });
const right = (list: typeof headingsAside) =>
  list.filter(([heading, field]) => (placed(heading)?.field.id ?? null) === field);

describe("headings of the trade", () => {
  it("are assigned correctly, and none wrongly without a mark", () => {
    expect(headingsAside).toHaveLength(100);
    expect(right(headingsAside).length).toBeGreaterThanOrEqual(98);
    expect(wrongAndSure(headingsAside)).toEqual([]);
    expect(right(headingsMore).length).toBeGreaterThanOrEqual(headingsMore.length - 2);
    expect(wrongAndSure(headingsMore)).toEqual([]);
  });
  it.each([
    ["Presure Operatng", "normal.upstreamBarG"],
    ["Desing Temperture", "maximum.temperatureC"],
    ["Valve Tga Number", "number"],
    ["Auslegunsdruck", "maximum.upstreamBarG"],
  ])("with a typing error are read, marked as unsure: %s", (heading, field) => {
    expect(placed(heading)?.field.id).toBe(field);
    expect(placed(heading)!.confidence).toBeLessThan(0.95);
  });
  it.each(["Paint colour of the temperature label", "Seat material", "Loop", "Order number", "Qzxv"])(
    "without a field go to the remarks, or are marked: %s",
    (heading) => {
      expect(placed(heading)?.confidence ?? 0).toBeLessThan(sureConfidence);
    },
  );
  it.each(lineListFields.map((field) => [headingOf(field), field.id] as const))(
    "of the program's own export keep their meaning: %s",
    (heading, id) => {
      expect(placed(heading)).toEqual({ field: lineListField(id), confidence: 1 });
    },
  );
  it("refer to existing concepts", () => {
    const known = new Set<string>(concepts);
    const words = lineListFields.flatMap(({ means }) => means).map((m) => m.replace("~", ""));
    const strange = words.filter((m) => {
      let rest = m;
      for (const name of concepts.filter((c) => c.includes(" "))) rest = rest.replace(name, "");
      return rest.split(" ").some((word) => word !== "" && !known.has(word));
    });
    expect(strange).toEqual([]);
  });
  it("may be corrected to the units of the field, and to none where there are none", () => {
    expect(unitChoices("dn")).toEqual(["DN", "NPS"]);
    expect(unitChoices("lineDesignation")).toEqual(["class", "PN"]);
    expect(unitChoices("upstreamBarG")).toContain("MPa g");
    expect(unitChoices("maximum.rate")).toContain("gpm");
    expect(unitChoices("service")).toEqual([]);
    expect(unitChoices(null)).toEqual([]);
    expect(lineListField("no such field")).toBeUndefined();
  });
});

describe("units that are not stated", () => {
  const unitsOf = (text: string, usually?: "US") =>
    planFor(findTable(gridOfText(text)), usually).map(({ unit }) => unit);
  const silent = "Tag,Size,Design pressure,Design temperature\nXV-1,4,250,120\n";
  it("are those of the project, marked as doubtful", () => {
    expect(unitsOf(silent).slice(2)).toEqual(["bar g", "°C"]);
    expect(unitsOf(silent, "US")).toEqual([null, "NPS", "psi g", "°F"]);
    for (const { field, doubt } of planFor(findTable(gridOfText(silent)), "US").slice(2))
      expect(doubt, field!).toMatch(/is assumed/);
  });
  it("are those of the list's other columns, whatever the project uses", () => {
    const metric = silent.replace("Design pressure", "Design pressure (bar g)");
    expect(unitsOf(metric, "US").slice(2)).toEqual(["bar g", "°C"]);
  });
});
