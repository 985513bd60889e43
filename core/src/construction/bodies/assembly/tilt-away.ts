import { gaskets, stemUpwards } from "./groups.ts";
import { type AssemblyOf, joint, piece } from "./model.ts";

/** Tilt-away ball: everything comes out through the bonnet, the seat last. */
export const tiltAwayAssembly: AssemblyOf = () => {
  const stem = stemUpwards(["bonnet", "guide-pin"], "stem");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      piece("bonnet-bolts", "bonnet studs and nuts", "bolting", { count: 8 }),
      piece("bonnet", "bonnet", "shell", {
        heldBy: ["bonnet-bolts"],
        at: "open",
        caution:
          "The core hangs on the stem cam and can fall and crush hands. Lift the bonnet and stem together. Keep hands clear.",
      }),
      piece("gasket", "bonnet gasket", "seal", { heldBy: ["bonnet"], ofSet: gaskets }),
      piece("guide-pin", "guide pin", "retainer", { heldBy: ["bonnet"] }),
      ...stem.pieces,
      piece("core", "tilting core", "closing member", {
        heldBy: ["bonnet", "stem"],
        at: "open",
        oriented: "hard face towards the seat",
      }),
      piece("pivot", "lower pivot", "bearing", { heldBy: ["core"] }),
      piece("seat", "seat ring", "seat", { heldBy: ["core"], out: "up", oriented: "cone towards the core" }),
    ],
    joints: [
      stem.joint,
      joint("bonnet", "bonnet joint", ["cavity", "outside"], ["gasket"], 1),
      joint("seat", "between seat and ball", ["upstream", "downstream"], ["seat"]),
      joint("open", "the body behind it is open to the line", ["cavity", "downstream"], ["core"]),
    ],
    reseat: { pieces: ["seat"], instead: [] },
    sealed: null,
  };
};
