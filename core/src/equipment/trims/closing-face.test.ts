import { describe, expect, it } from "vitest";
import { demoCatalogue } from "../../../test/demo.ts";
import { oneClosingFace } from "../catalogue/versions/9-one-closing-face.ts";
import { closingFace } from "./closing-face.ts";
import { flowSetOf } from "./flow-set.ts";

describe("the face of a closing member", () => {
  it("is its coating, else its metal; an unknown metal resists nothing", () => {
    expect(
      closingFace({ ball: "austenitic 316", coating: "tungsten carbide coating" }).abrasionResistance,
    ).toBe(4);
    expect(closingFace({ ball: "austenitic 316", coating: null })).toEqual({
      metal: "austenitic 316",
      abrasionResistance: 0,
      boilingFlow: "fair",
    });
    expect(closingFace({ ball: "unknown", coating: null })).toMatchObject({
      abrasionResistance: 0,
      boilingFlow: "poor",
    });
  });
});

describe("flow trims of a material", () => {
  const segment = demoCatalogue.lines.find(({ id }) => id === "tarrowby-segment")!;
  const inMaterial = (id: string) => ({ line: segment, trim: segment.trims.find((t) => t.id === id)! });
  it("are those made in it", () => {
    const [bare, coated] = [flowSetOf(inMaterial("316")), flowSetOf(inMaterial("cobalt"))];
    expect(bare.trims.map(({ id }) => id)).not.toContain("stepped");
    expect(coated.trims.map(({ id }) => id)).toContain("stepped");
    expect([bare.resistsBoiling, coated.resistsBoiling]).toEqual([false, true]);
  });
  it("are one set where the material leaves no choice", () => {
    for (const line of demoCatalogue.lines.filter(({ flowTrims }) => flowTrims.length === 1))
      expect(new Set(line.trims.map((trim) => flowSetOf({ line, trim }))).size).toBe(1);
  });
});

describe("a catalogue that stated hard facing twice", () => {
  const upcast = (trims: readonly object[], flowTrims: readonly object[]) =>
    (oneClosingFace.upcast({ lines: [{ trims, flowTrims }] } as never) as { lines: { flowTrims: unknown }[] })
      .lines[0]!.flowTrims;
  const [bare, coated] = [
    { id: "bare", coating: null },
    { id: "coated", coating: "cobalt hardfacing" },
  ];
  it("makes its hard-faced trims in the coated materials", () =>
    expect(
      upcast(
        [bare, coated],
        [
          { id: "a", hardFaced: false },
          { id: "b", hardFaced: true },
        ],
      ),
    ).toEqual([
      { id: "a", madeIn: null },
      { id: "b", madeIn: ["coated"] },
    ]));
  it("drops a statement with no coating behind it", () =>
    expect(
      upcast(
        [bare],
        [
          { id: "a", hardFaced: false },
          { id: "b", hardFaced: true },
        ],
      ),
    ).toEqual([
      { id: "a", madeIn: null },
      { id: "b", madeIn: null },
    ]));
  it("drops a statement that every flow trim makes", () =>
    expect(upcast([bare, coated], [{ id: "a", hardFaced: true }])).toEqual([{ id: "a", madeIn: null }]));
});
