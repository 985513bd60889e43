import { describe, expect, it } from "vitest";
import { demoCatalogue } from "../../../../test/demo.ts";
import { constructions } from "../constructions.ts";
import { labelled } from "./labels.ts";
import { type Assembly, type Piece, pieceRoles, type Space } from "./model.ts";
import { leakPathsOf, waysThrough } from "./paths.ts";
import { stripOrder } from "./strip-order.ts";

const built = constructions.flatMap((c) =>
  c.cavities.map((cavity) => [`${c.name}, ${cavity}`, c.assembly(cavity), c] as const),
);
const ids = (pieces: readonly Piece[]) => pieces.map(({ id }) => id);
/** The fault in an order, if any: a piece that is removed while another holds it. */
function heldIn(order: readonly Piece[]): string | null {
  const off = new Set<string>();
  const removedIds = new Set(ids(order));
  for (const { id, heldBy } of order) {
    const holds = heldBy.find((holder) => removedIds.has(holder) && !off.has(holder));
    if (holds !== undefined) return `${id} is held by ${holds}`;
    off.add(id);
  }
  return null;
}

describe.each(built)("%s", (_, assembly, c) => {
  it("has named pieces held by pieces that exist, some that stay, and one closure", () => {
    expect(new Set(ids(assembly.pieces)).size).toBe(assembly.pieces.length);
    for (const piece of assembly.pieces) {
      expect(pieceRoles).toContain(piece.role);
      expect(piece.count).toBeGreaterThan(0);
      for (const holder of piece.heldBy)
        expect(ids(assembly.pieces), `${piece.id} is held by ${holder}`).toContain(holder);
    }
    expect(assembly.pieces.filter(({ role }) => role === "closing member")).toHaveLength(1);
    expect(assembly.pieces.some(({ out }) => out === "stays")).toBe(true);
  });
  it("can be dismantled completely, and no piece comes off while another holds it", () => {
    const order = stripOrder(assembly);
    expect(heldIn(order)).toBeNull();
    expect(new Set(ids(order))).toEqual(new Set(ids(assembly.pieces.filter(({ out }) => out !== "stays"))));
    // Strip-down ends at a piece that stays: it holds nothing that comes out.
    const stays = new Set(ids(assembly.pieces.filter(({ out }) => out === "stays")));
    for (const { heldBy } of order) for (const holder of heldBy) expect(stays.has(holder)).toBe(false);
  });
  it("fails where a piece is in a wrong place", () => {
    const order = stripOrder(assembly);
    const last = order.at(-1)!;
    const moved = order.filter(({ heldBy }) => heldBy.length > 0)[0];
    if (moved === undefined) return;
    expect(heldIn([moved, ...order.filter((p) => p !== moved)])).not.toBeNull();
    const ring: Assembly = {
      ...assembly,
      pieces: assembly.pieces.map((p) => (p.id === moved.heldBy[0] ? { ...p, heldBy: [moved.id] } : p)),
    };
    expect(() => stripOrder(ring)).toThrow(/hold each other/);
    expect(() =>
      stripOrder({ ...assembly, pieces: assembly.pieces.filter(({ id }) => id !== moved.heldBy[0]) }),
    ).toThrow(/No part named/);
    expect(ids(order)).toContain(last.id);
  });
  it("has every joint on a path from the line to an outlet, and existing seals", () => {
    const spaces = new Set<Space>(assembly.joints.flatMap(({ between }) => between));
    const ends: readonly (readonly [Space, Space])[] = [
      ["upstream", "outside"],
      ["downstream", "outside"],
      ["upstream", "downstream"],
      ["upstream", "third way"],
      ["upstream", "cavity"],
    ];
    const passed = new Set(
      ends
        .filter(([from, to]) => spaces.has(from) && spaces.has(to))
        .flatMap(([from, to]) => waysThrough(assembly, from, to).flat()),
    );
    for (const joint of assembly.joints) {
      expect(passed.has(joint), joint.id).toBe(true);
      expect(joint.between[0]).not.toBe(joint.between[1]);
      expect(joint.seals[0]!.role).toBe("primary");
      for (const { piece } of joint.seals) expect(ids(assembly.pieces), joint.id).toContain(piece);
    }
    expect(new Set(assembly.joints.map(({ id }) => id)).size).toBe(assembly.joints.length);
  });
  it("has as many shell joints as the construction counts", () => {
    expect(assembly.joints.reduce((n, { shellJoints }) => n + shellJoints, 0)).toBe(c.bodyJoints);
  });
  it("lets fluid reach the outside and the far side, through a seal on each path", () => {
    const outside = waysThrough(assembly, "upstream", "outside");
    expect(outside.length).toBeGreaterThan(0);
    for (const way of waysThrough(assembly, "upstream", "downstream"))
      expect(way.some((joint) => leakPathsOf(assembly).some(({ path }) => path === joint.name))).toBe(true);
  });
  it("is reseated by pieces that come off in an order of their own", () => {
    if (assembly.reseat === null) return;
    const order = stripOrder(assembly, assembly.reseat.pieces);
    expect(heldIn(order)).toBeNull();
    for (const id of assembly.reseat.pieces) expect(ids(order)).toContain(id);
    expect(assembly.reseat.pieces.length > 0).toBe(assembly.reseat.instead.length === 0);
  });
});

describe("sealing sets of the shelf", () => {
  it("have a place for every seal in every body they are offered for", () => {
    for (const line of demoCatalogue.lines) {
      const c = constructions.find(({ id }) => id === line.construction)!;
      for (const { arrangement } of line.cavities) {
        const places = new Set(c.assembly(arrangement).pieces.flatMap(({ ofSet }) => ofSet));
        for (const { parts } of line.seals)
          for (const { part } of parts) expect(places, `${part} of ${line.id}`).toContain(part);
      }
    }
  });
});

describe("reseating from outside", () => {
  it.each(["v-port-ball", "segment-ball", "butterfly-double-offset", "butterfly-triple-offset"])(
    "of %s leaves shaft and closure in place",
    (id) => {
      const c = constructions.find((construction) => construction.id === id)!;
      const assembly = c.assembly(c.cavities[0]!);
      const order = stripOrder(assembly, assembly.reseat!.pieces);
      expect(order.some(({ role }) => role === "closing member" || role === "stem")).toBe(false);
    },
  );
});

describe("a drawn section", () => {
  it.each(constructions)("of $id is labelled by its pieces", (construction) => {
    for (const cavity of construction.cavities) {
      const assembly = construction.assembly(cavity);
      const parts = labelled(construction.parts, assembly);
      for (const { id, name, pieces } of parts) {
        const shown = pieces.map((id) => assembly.pieces.find((piece) => piece.id === id)!);
        const own = construction.parts.find((part) => part.id === id)!;
        expect(name, id).toBe(own.name ?? shown[0]!.name);
        // A part that takes its name from a piece shows that piece alone.
        if (own.name === undefined) expect(pieces, id).toHaveLength(1);
      }
      expect(new Set(parts.map(({ name }) => name)).size, "two labels alike").toBe(parts.length);
    }
  });
  it("refuses a part that is no piece of the valve", () => {
    const [construction] = constructions;
    const assembly = construction!.assembly(construction!.cavities[0]!);
    expect(() => labelled([{ id: "rudder", does: "Nothing." }], assembly)).toThrow(/rudder/);
  });
});
