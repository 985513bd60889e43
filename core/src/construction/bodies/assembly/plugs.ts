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
      oriented: "its line stands along its port",
    }),
    piece("sleeve", "sleeve", "seat", { heldBy: ["plug"], oriented: "its windows to the ports" }),
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
      caution: "A gland may eject under pressure: stand aside, and never back it out under pressure.",
    }),
    piece("gland", "gland", "gland", { heldBy: ["gland-nuts"] }),
    piece("packing", "packing", "seal", {
      heldBy: ["gland"],
      ofSet: ["packing", "inner packing", "outer packing"],
    }),
    piece("fitting", "sealant fitting and checks", "fitting", {
      caution: "Sealant stands under its own pressure: never back the fitting out, only its cap.",
    }),
    piece("adjuster", "plug adjuster", "bolting", { out: "down" }),
    piece("cover-bolts", "cover bolts", "bolting", { count: 6, heldBy: ["adjuster"], out: "down" }),
    piece("cover", "bottom cover", "shell", { heldBy: ["cover-bolts"], out: "down" }),
    piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], out: "down", ofSet: gaskets }),
    piece("plug", "taper plug", "closing member", {
      heldBy: ["cover", "gland", "fitting"],
      out: "down",
      oriented: "its wide end down, its line along its port",
    }),
    piece("sealant", "sealant", "seat", {
      heldBy: ["plug"],
      out: "down",
      alwaysNew: true,
      words: {
        off: "Scrape the old sealant out of every groove and port, and flush their passages.",
        on: "Fill grooves and passages with new sealant that the fluid does not dissolve.",
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
      "Nothing comes off: push fresh sealant in through the fitting while the plug is turned a little to and fro, until the pressure rises sharply.",
    ],
  },
  sealed: null,
});

/** Eccentric plug: half a plug that turns off its one seat, out through the bonnet. */
export const eccentricAssembly: AssemblyOf = () => {
  const stem = stemUpwards([], "stem");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...stem.pieces.map((one) =>
        one.id === "stem" ? { ...one, heldBy: ["plug", "packing"], out: "inward" as const } : one,
      ),
      piece("bonnet-bolts", "bonnet bolts", "bolting", { count: 8, heldBy: ["gland"] }),
      piece("bonnet", "bonnet", "shell", { heldBy: ["bonnet-bolts"] }),
      piece("gasket", "bonnet gasket", "seal", { heldBy: ["bonnet"], ofSet: gaskets }),
      piece("plug", "half plug", "closing member", {
        heldBy: ["bonnet"],
        at: "open",
        oriented: "its face to the seat",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["plug"] }),
      piece("seat", "seat", "seat", { heldBy: ["plug"], oriented: "its face to the plug" }),
    ],
    joints: [
      stem.joint,
      joint("bonnet", "bonnet joint", ["cavity", "outside"], ["gasket"], 1),
      joint("seat", "between seat and plug", ["upstream", "downstream"], ["seat"]),
      joint("open", "the body stands open to the line behind it", ["cavity", "downstream"], ["plug"]),
    ],
    reseat: null,
    sealed: null,
  };
};
