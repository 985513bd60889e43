import { centredBy, gaskets, retained, retainedSeat, stemUpwards } from "./groups.ts";
import { type AssemblyOf, joint, type Piece, piece } from "./model.ts";

const offLine = "The disc may swing by its own weight: hold it before its shaft is drawn.";

/** Concentric disc in a rubber lining. */
export const concentricAssembly: AssemblyOf = () => ({
  pieces: [
    piece("body", "body", "shell", { out: "stays" }),
    piece("pins", "disc pins", "retainer", { count: 2, out: "along the bore", at: "open" }),
    piece("shaft-ring", "shaft ring", "seal", { heldBy: ["stem"], ofSet: ["shaft ring"] }),
    piece("stem", "shaft", "stem", {
      heldBy: ["pins"],
      caution: offLine,
      oriented: "its line stands along the disc",
    }),
    piece("disc", "disc", "closing member", { heldBy: ["stem"], out: "along the bore", at: "open" }),
    piece("lining", "lining", "seat", { heldBy: ["disc", "stem"], out: "along the bore" }),
    piece("bearings", "bushings", "bearing", { count: 2, heldBy: ["stem"] }),
  ],
  joints: [
    joint("stem", "along the shaft", ["cavity", "outside"], ["lining", "shaft-ring"]),
    joint("flange", "line flange", ["cavity", "outside"], ["lining"]),
    joint("seat", "disc edge", ["upstream", "downstream"], ["lining"]),
    joint("open", "the body stands open to the line", ["cavity", "downstream"], ["disc"]),
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
      ...shaft.pieces.map((one) => (one.id === "stem" ? { ...one, caution: offLine } : one)),
      piece("cover-bolts", "lower cover bolts", "bolting", { count: 4, holds: "the stem" }),
      piece("cover", "lower cover", "shell", { heldBy: ["cover-bolts"], out: "down" }),
      piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], out: "down", ofSet: gaskets }),
      piece("disc", "disc", "closing member", {
        heldBy: ["stem", "retainer"],
        out: "along the bore",
        at: "open",
        oriented: "its shaft away from the seat",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["disc"] }),
    ],
    joints: [
      shaft.joint,
      joint("seat", "between seat and disc", ["upstream", "downstream"], ["seat"]),
      joint("back", "behind the seat", ["upstream", "downstream"], ["seat-ring"]),
      joint("cover", "lower shaft cover", ["cavity", "outside"], ["gasket"], 1),
      joint("open", "the body stands open to the line", ["cavity", "downstream"], ["disc"]),
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
      oriented: "its lip to the disc",
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
      oriented: "its mark to the mark on the disc: the cone is tilted",
      screwsAt: "open",
      centring: [
        {
          does: "Look at the seat in the body: it stays, and a new ring on a scored seat is soon as bad as the old one.",
          at: null,
        },
        {
          does: "Enter the retaining ring's screws by hand only, and shut the disc by its closing torque: the ring finds its cone before it is held.",
          at: "shut",
        },
      ],
    }),
  ),
  reseat: { pieces: retained, instead: [] },
});
