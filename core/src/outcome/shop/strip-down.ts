import { valueOnCurve } from "../../basis/reference/curve.ts";
import { type Assembly, isPressureBolting, type Piece } from "../../construction/bodies/assembly/model.ts";
import { stripOrder } from "../../construction/bodies/assembly/strip-order.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { lookAt, measuresOf, toolOf } from "./looking.ts";
import { countOf, handInBore, type ShopStep, step } from "./step.ts";
import { tighteningOf } from "./tightening.ts";
import { turnedApart, turningTogether } from "./turning.ts";
import type { Work } from "./work.ts";

const ways = {
  up: "upwards",
  down: "downwards",
  "along the bore": "along the bore",
  inward: "inwards, into the empty body",
  stays: "",
} as const;

const named = ({ name, count, countStated }: Pick<Piece, "name" | "count" | "countStated">) =>
  count === 1 || !countStated ? `the ${name}` : `the ${count} ${name}`;

const scratch =
  "Protect the ball and the joint faces. Put them on wood and clean cloth. Do not touch them with levers and do not stack them.";

/** Instruction for removing a piece, by kind. */
function takenOff(piece: Piece): string {
  if (piece.words.off !== undefined) return piece.words.off;
  if (isPressureBolting(piece))
    return `Loosen ${named(piece)} crosswise. Leave two opposite ones on, loose, until the joint has opened. Then remove them.`;
  if (piece.role === "shell")
    return `Open the joint evenly all round, then remove ${named(piece)} ${ways[piece.out]}.`;
  return `Remove ${named(piece)} ${ways[piece.out]}.`;
}

/** Instruction for fitting a piece, by kind; a replaced seat is new. */
function putBack(piece: Piece, passes: number, newSeats: boolean): string {
  if (piece.words.on !== undefined) return piece.words.on;
  if (piece.role === "bolting") {
    if (piece.count === 1) return `Tighten ${named(piece)} until just tight.`;
    return isPressureBolting(piece)
      ? `Start ${named(piece)} by hand. Tighten them crosswise in ${passes} passes. Then go round once at full torque.`
      : `Tighten ${named(piece)} evenly until just tight.`;
  }
  if (piece.role === "seal" || (newSeats && piece.role === "seat"))
    return `Fit ${named({ ...piece, name: `new ${piece.name}` })}.`;
  return `Refit ${named(piece)}.`;
}

const pieceOf = (piece: Piece) => {
  const { id, name, role, out: way } = piece;
  return { id, name, role, count: countOf(piece), way };
};

/**
 * Strip-down of a valve, piece by piece.
 *
 * @param work valve, duty, and the allowed wear
 * @param assembly pieces and the parts that hold them
 * @param wanted pieces that are to come off; all where not given
 * @returns a step for each piece in the order it becomes free, and one wherever the closure must be turned
 * @source `stripOrder`
 */
export function apart(
  { valve, duty, house }: Work,
  assembly: Assembly,
  wanted?: readonly string[],
): ShopStep[] {
  const steps: ShopStep[] = [];
  const order = stripOrder(assembly, wanted);
  const turns = turnedApart(assembly, order);
  order.forEach((piece, i) => {
    const turn = turns.get(i);
    if (turn !== undefined) steps.push(turn);
    const { look, renew } = lookAt(piece);
    steps.push(
      step("take apart", takenOff(piece), {
        piece: pieceOf(piece),
        at: piece.at,
        figures: [toolOf(piece, false, duty)],
        look,
        renew,
        measures: measuresOf(piece, valve, house),
        cautions: [
          ...(piece.caution === null ? [] : [piece.caution]),
          ...(piece.role === "closing member" || piece.role === "shell" ? [scratch] : []),
        ],
      }),
    );
  });
  return steps;
}

const unstatedHeight =
  "the catalogue states no height: use the height on the maker's drawing; without the drawing, do not load the springs and ask the maker";

/** How the packing is loaded by its nuts, by the school of its seal. */
function loading(
  { seals, size: { liveLoading } }: Valve,
  nuts: Piece,
): Pick<ShopStep, "look" | "measures"> & { does: string | null } {
  if (seals.stemSeal !== "live-loaded stack")
    return {
      does: null,
      look: [
        "one sixth of a turn at a time on both nuts; the stem must still turn by hand",
        "tighten again after the first warm-up, with the pressure off",
      ],
      measures: [],
    };
  return {
    does: `Tighten ${named(nuts)} alternately until the springs are at the stated height.`,
    look: ["same height on both sides", ...(liveLoading === null ? [unstatedHeight] : [])],
    measures: [
      {
        what: "height of the live-loading springs",
        unit: "mm",
        least: liveLoading && liveLoading.heightMm - liveLoading.toleranceMm,
        most: liveLoading && liveLoading.heightMm + liveLoading.toleranceMm,
        source: liveLoading ? "maker's value in the catalogue" : "the maker's drawing",
      },
    ],
  };
}

/**
 * Reassembly of a valve, piece by piece.
 *
 * @param work valve, duty, and the house's screws and passes
 * @param assembly pieces and the parts that hold them
 * @param wanted pieces that came off; all where not given
 * @param newSeats whether seats are renewed
 * @returns the strip-down in reverse, with replaced parts, positions of the closure and tightening
 * @source `stripOrder`, `tighteningOf`
 */
export function together(
  { valve, duty, house }: Work,
  assembly: Assembly,
  wanted?: readonly string[],
  newSeats = false,
): ShopStep[] {
  const steps: ShopStep[] = [];
  const order = stripOrder(assembly, wanted).reverse();
  const turning = turningTogether(assembly, order);
  const rated = valueOnCurve(valve.ratingCurve, 38);
  for (const piece of order) {
    for (const { does, at } of piece.before) {
      turning.stands(at);
      steps.push(step("put together", does, { at: turning.now(), cautions: [handInBore] }));
    }
    const turn = turning.before(piece);
    if (turn !== null) steps.push(turn);
    const shellBolts = isPressureBolting(piece);
    const tightening = shellBolts ? tighteningOf(valve, piece, rated, house) : null;
    const load = piece.id === "gland-nuts" ? loading(valve, piece) : null;
    steps.push(
      step("put together", load?.does ?? putBack(piece, house.tighteningPasses, newSeats), {
        piece: pieceOf(piece),
        at: piece.at,
        renew: lookAt(piece).renew,
        figures: [
          toolOf(piece, true, duty),
          ...(piece.oriented === null
            ? []
            : [{ what: "orientation", value: piece.oriented, unit: "" as const }]),
          ...(tightening?.figures ?? []),
        ],
        look: load?.look ?? (piece.role === "bolting" && !shellBolts ? ["maker's torque, if stated"] : []),
        measures: load?.measures ?? [],
        cautions: tightening?.cautions ?? [],
        toFind: tightening?.toFind ?? null,
      }),
    );
  }
  return steps;
}
