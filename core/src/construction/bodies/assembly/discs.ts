import { centredBy, gaskets, retained, retainedSeat, stemUpwards } from "./groups.ts";
import { type AssemblyOf, joint, type Piece, piece } from "./model.ts";

const offLine =
  "The disc can swing under its own weight and crush fingers. Support the disc before you withdraw the shaft.";

/** Concentric disc in a rubber lining. */
export const concentricAssembly: AssemblyOf = () => ({
  pieces: [
    piece("body", "body", "shell", { out: "stays" }),
    piece("pins", "disc pins", "retainer", { count: 2, out: "along the bore", at: "open" }),
    piece("shaft-ring", "shaft ring", "seal", { heldBy: ["stem"], ofSet: ["shaft ring"] }),
    piece("stem", "shaft", "stem", {
      heldBy: ["pins"],
      caution: offLine,
      oriented: "indicator line parallel to the disc",
    }),
    piece("disc", "disc", "closing member", { heldBy: ["stem"], out: "along the bore", at: "open" }),
    piece("lining", "lining", "seat", { heldBy: ["disc", "stem"], out: "along the bore" }),
    piece("bearings", "bushings", "bearing", { count: 2, heldBy: ["stem"] }),
  ],
  joints: [
    joint("stem", "along the shaft", ["cavity", "outside"], ["lining", "shaft-ring"]),
    joint("flange", "line flange", ["cavity", "outside"], ["lining"]),
    joint("seat", "disc edge", ["upstream", "downstream"], ["lining"]),
    joint("open", "the body is open to the line", ["cavity", "downstream"], ["disc"]),
  ],
  reseat: null,
  sealed: null,
});

/** An offset disc with its seat, or its ring, under a retainer. */
const offset = (seatPieces: readonly Piece[]) => {
  const shaft = stemUpwards(["pins"]);
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...seatPieces,
      piece("pins", "disc pins", "retainer", {
        count: 2,
        out: "along the bore",
        at: "open",
        heldBy: ["retainer"],
      }),
      ...shaft.pieces.map((piece) => (piece.id === "stem" ? { ...piece, caution: offLine } : piece)),
      piece("cover-bolts", "lower cover bolts", "bolting", { count: 4, holds: "the stem" }),
      piece("cover", "lower cover", "shell", { heldBy: ["cover-bolts"], out: "down" }),
      piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], out: "down", ofSet: gaskets }),
      piece("disc", "disc", "closing member", {
        heldBy: ["stem", "retainer"],
        out: "along the bore",
        at: "open",
        oriented: "shaft side away from the seat",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["disc"] }),
    ],
    joints: [
      shaft.joint,
      joint("seat", "between seat and disc", ["upstream", "downstream"], ["seat"]),
      joint("back", "behind the seat", ["upstream", "downstream"], ["seat-ring"]),
      joint("cover", "lower shaft cover", ["cavity", "outside"], ["gasket"], 1),
      joint("open", "the body is open to the line", ["cavity", "downstream"], ["disc"]),
    ],
    sealed: null,
  } as const;
};

/** Double-offset disc: its seat under a retainer ring in the face. */
export const doubleOffsetAssembly: AssemblyOf = () => ({
  ...offset(
    retainedSeat({
      screws: 8,
      retainer: "retainer ring",
      seat: "seat ring",
      gasket: "seat gasket",
      oriented: "lip towards the disc",
      centring: [centredBy("disc")],
    }),
  ),
  reseat: { pieces: retained, instead: [] },
});

/** Triple-offset disc: its ring is on the disc under a retaining ring, the hard seat in the body. */
export const tripleOffsetAssembly: AssemblyOf = () => ({
  ...offset(
    retainedSeat({
      screws: 8,
      retainer: "retaining ring",
      seat: "seal ring of the disc",
      gasket: "ring gasket",
      oriented: "align its mark with the mark on the disc, because the cone is tilted",
      screwsAt: "open",
      centring: [
        {
          does: "Inspect the seat in the body. It stays in place. A scored seat damages a new ring quickly.",
          at: null,
        },
        {
          does: "Start the retaining ring screws by hand only. Close the disc with its closing torque so that the ring centres itself. Then tighten the screws.",
          at: "shut",
        },
      ],
    }),
  ),
  reseat: { pieces: retained, instead: [] },
});
