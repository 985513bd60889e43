import { gaskets, stemUpwards } from "./groups.ts";
import { type AssemblyOf, joint, piece } from "./model.ts";

/** Sleeved plug: sleeve in the body's ribs, diaphragm and cover above. */
export const sleevedAssembly: AssemblyOf = () => ({
  pieces: [
    piece("body", "body", "shell", { out: "stays" }),
    piece("adjusters", "adjusting screws", "bolting", { count: 3, holds: "nothing" }),
    piece("gland", "cover packing follower", "gland", { heldBy: ["adjusters"] }),
    piece("cover-bolts", "cover bolts", "bolting", { count: 4, heldBy: ["adjusters"] }),
    piece("cover", "cover", "shell", { heldBy: ["cover-bolts", "gland"] }),
    piece("packing", "cover packing", "seal", {
      heldBy: ["cover"],
      ofSet: ["packing", "inner packing", "outer packing"],
    }),
    piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], ofSet: gaskets }),
    piece("diaphragm", "diaphragm", "seal", { heldBy: ["cover"] }),
    piece("plug", "taper plug", "closing member", {
      heldBy: ["diaphragm"],
      at: "open",
      oriented: "indicator line parallel to the port",
    }),
    piece("sleeve", "sleeve", "seat", { heldBy: ["plug"], oriented: "windows aligned with the ports" }),
  ],
  joints: [
    joint("stem", "along the plug’s stem", ["cavity", "outside"], ["diaphragm", "packing"]),
    joint("cover", "cover joint", ["cavity", "outside"], ["gasket"], 1),
    joint("seat", "round the plug", ["upstream", "downstream"], ["sleeve"]),
    joint("top", "past the top of the sleeve", ["upstream", "cavity"], ["sleeve"]),
  ],
  reseat: null,
  sealed: null,
});

/** Lubricated plug: sealant round the ports, a cover below that holds the plug up. */
export const lubricatedAssembly: AssemblyOf = () => ({
  pieces: [
    piece("body", "body", "shell", { out: "stays" }),
    piece("gland-nuts", "gland nuts", "bolting", {
      count: 2,
      caution:
        "The gland can eject under pressure and kill. Stand to one side. Never loosen the gland under pressure.",
    }),
    piece("gland", "gland", "gland", { heldBy: ["gland-nuts"] }),
    piece("packing", "packing", "seal", {
      heldBy: ["gland"],
      ofSet: ["packing", "inner packing", "outer packing"],
    }),
    piece("fitting", "sealant fitting and checks", "fitting", {
      caution:
        "The sealant is under pressure and can inject into skin. Remove only the cap. Never loosen the fitting.",
    }),
    piece("adjuster", "plug adjuster", "bolting", { out: "down" }),
    piece("cover-bolts", "cover bolts", "bolting", { count: 6, heldBy: ["adjuster"], out: "down" }),
    piece("cover", "bottom cover", "shell", { heldBy: ["cover-bolts"], out: "down" }),
    piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], out: "down", ofSet: gaskets }),
    piece("plug", "taper plug", "closing member", {
      heldBy: ["cover", "gland", "fitting"],
      out: "down",
      oriented: "wide end down, indicator line parallel to the port",
    }),
    piece("sealant", "sealant", "seat", {
      heldBy: ["plug"],
      out: "down",
      alwaysNew: true,
      words: {
        off: "Remove the old sealant from every groove and port. Flush the passages.",
        on: "Fill grooves and passages with new sealant that is resistant to the fluid.",
      },
    }),
  ],
  joints: [
    joint("stem", "along the stem", ["cavity", "outside"], ["sealant", "packing"]),
    joint("cover", "cover joint", ["cavity", "outside"], ["gasket"], 1),
    joint("fitting", "sealant fitting", ["cavity", "outside"], ["fitting"]),
    joint("seat", "round the plug", ["upstream", "downstream"], ["sealant", "fitting:injected"]),
    joint("film", "along the film to the ends of the plug", ["upstream", "cavity"], ["sealant"]),
  ],
  reseat: {
    pieces: [],
    instead: [
      "Do not remove any part. Inject new sealant through the fitting while you turn the plug slightly back and forth. Stop when the sealant pressure rises sharply.",
    ],
  },
  sealed: null,
});

/** Eccentric plug: half a plug that turns off its single seat, removed through the bonnet. */
export const eccentricAssembly: AssemblyOf = () => {
  const stem = stemUpwards([], "stem");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...stem.pieces.map((piece) =>
        piece.id === "stem" ? { ...piece, heldBy: ["plug", "packing"], out: "inward" as const } : piece,
      ),
      piece("bonnet-bolts", "bonnet bolts", "bolting", { count: 8, heldBy: ["gland"] }),
      piece("bonnet", "bonnet", "shell", { heldBy: ["bonnet-bolts"] }),
      piece("gasket", "bonnet gasket", "seal", { heldBy: ["bonnet"], ofSet: gaskets }),
      piece("plug", "half plug", "closing member", {
        heldBy: ["bonnet"],
        at: "open",
        oriented: "face towards the seat",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["plug"] }),
      piece("seat", "seat", "seat", { heldBy: ["plug"], oriented: "face towards the plug" }),
    ],
    joints: [
      stem.joint,
      joint("bonnet", "bonnet joint", ["cavity", "outside"], ["gasket"], 1),
      joint("seat", "between seat and plug", ["upstream", "downstream"], ["seat"]),
      joint("open", "the body behind it is open to the line", ["cavity", "downstream"], ["plug"]),
    ],
    reseat: null,
    sealed: null,
  };
};
