import { type Assembly, type Centring, type Piece, stripOrder } from "../bodies/index.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { valueOnCurve } from "../reference/curve.ts";
import { lookAt, measuresOf, toolOf } from "./looking.ts";
import { handInBore, type ShopStep, step } from "./step.ts";
import { jointTorque } from "./tightening.ts";

const ways = {
  up: "upwards",
  down: "downwards",
  "along the bore": "along the bore",
  inward: "inwards, into the empty body",
  stays: "",
} as const;

const named = ({ name, count }: Pick<Piece, "name" | "count">) =>
  count === 1 ? `the ${name}` : `the ${count} ${name}`;

const scratch = "Neither ball nor joint faces touch a lever or each other: wood and clean cloth under them.";

/** How a piece leaves, by what it is. */
function takenOff(piece: Piece): string {
  if (piece.role === "bolting" && piece.count > 2 && piece.holds !== "nothing")
    return `Loosen ${named(piece)} crosswise; two opposite ones stay on loose until the joint has cracked open, then take them off.`;
  if (piece.role === "shell")
    return `Crack the joint evenly all round, then take ${named(piece)} off ${ways[piece.out]}.`;
  return `Take ${named(piece)} out ${ways[piece.out]}.`;
}

/** How a piece goes back, by what it is; a seat that is renewed is a new one. */
function putBack(piece: Piece, passes: number, newSeats: boolean): string {
  if (piece.role === "bolting")
    return piece.count > 2 && piece.holds !== "nothing"
      ? `Enter ${named(piece)} by hand, then tighten them crosswise in ${passes} passes, and once round.`
      : `Tighten ${named(piece)} evenly, until they are just tight.`;
  if (piece.role === "seal" || (newSeats && piece.role === "seat"))
    return `Set in ${named({ ...piece, name: `new ${piece.name}` })}.`;
  return `Put ${named(piece)} back in.`;
}

const pieceOf = ({ id, name, role, count, out }: Piece) => ({ id, name, role, count, way: out });

/** The closing member is turned when a piece wants it to stand otherwise than it does. */
function turned(
  steps: ShopStep[],
  piece: Piece,
  stands: ShopStep["at"],
  stage: "position" | "put together",
  member: string,
) {
  if (piece.at === null || piece.at === stands) return stands;
  steps.push(
    step(stage, `Turn the ${member} ${piece.at === "open" ? "open" : "shut"}.`, {
      at: piece.at,
      cautions: ["Turn it by a lever on the stem, never by a drive, and with nobody's fingers in the bore."],
      figures: [{ what: "else it is held", value: `the ${piece.name}`, unit: "" }],
    }),
  );
  return piece.at;
}

/**
 * A valve taken apart, piece by piece.
 *
 * @param valve its dimensions and rating
 * @param assembly pieces and what holds them
 * @param wanted pieces that are to come off; all where not given
 * @param house what may be worn off, how screws are tightened
 * @returns a step for each piece in the order it is free, and one wherever the closing member has to be turned
 * @source `stripOrder`
 */
export function apart(
  valve: Valve,
  assembly: Assembly,
  wanted: readonly string[] | undefined,
  house: HouseRules,
): ShopStep[] {
  const steps: ShopStep[] = [];
  const member = assembly.pieces.find(({ role }) => role === "closing member")!.name;
  let stands: ShopStep["at"] = null;
  for (const piece of stripOrder(assembly, wanted)) {
    stands = turned(steps, piece, stands, "position", member);
    const { look, renew } = lookAt(piece);
    steps.push(
      step("take apart", takenOff(piece), {
        piece: pieceOf(piece),
        at: piece.at,
        figures: [toolOf(piece, false)],
        look,
        renew,
        measures: measuresOf(piece, valve, house),
        cautions: [
          ...(piece.caution === null ? [] : [piece.caution]),
          ...(piece.role === "closing member" || piece.role === "shell" ? [scratch] : []),
        ],
      }),
    );
  }
  return steps;
}

const unstatedHeight =
  "the catalogue states no height: it stands on the maker's drawing; without it leave the springs three quarters flat, and ask him";

/** How the packing is loaded by its nuts, by the school of its seal. */
function loading(
  { seals, size: { liveLoading } }: Valve,
  nuts: Piece,
): Pick<ShopStep, "look" | "measures"> & { does: string | null } {
  if (seals.stemSeal !== "live-loaded stack")
    return {
      does: null,
      look: [
        "by a sixth of a turn at a time on both nuts; the stem still turns by hand",
        "tighten it again after the first warm-up",
      ],
      measures: [],
    };
  return {
    does: `Load the packing by ${named(nuts)}, by turns, until its springs stand at their height.`,
    look: ["alike on both sides", ...(liveLoading === null ? [unstatedHeight] : [])],
    measures: [
      {
        what: "height of the live-loading",
        unit: "mm",
        least: liveLoading && liveLoading.heightMm - liveLoading.toleranceMm,
        most: liveLoading && liveLoading.heightMm + liveLoading.toleranceMm,
        source: liveLoading ? "the maker's figure, catalogue" : "the maker's drawing",
      },
    ],
  };
}

/**
 * A valve put together again, piece by piece.
 *
 * @param valve its dimensions and rating
 * @param assembly pieces and what holds them
 * @param wanted pieces that came off; all where not given
 * @param house passes, screws
 * @param newSeats whether seats are renewed, and what is done once one lies in its place; none where they are not
 * @returns the order of taking apart turned round, with what is renewed, how it is turned and what it is tightened to
 * @source `stripOrder`, `jointTorque`
 */
export function together(
  valve: Valve,
  assembly: Assembly,
  wanted: readonly string[] | undefined,
  house: HouseRules,
  newSeats: readonly Centring[] | null = null,
): ShopStep[] {
  const steps: ShopStep[] = [];
  const member = assembly.pieces.find(({ role }) => role === "closing member")!.name;
  const rated = valueOnCurve(valve.ratingCurve, 38);
  let stands: ShopStep["at"] = null;
  for (const piece of stripOrder(assembly, wanted).reverse()) {
    stands = turned(steps, piece, stands, "put together", member);
    const shellBolts = piece.role === "bolting" && piece.count > 2 && piece.holds !== "nothing";
    const load = piece.id === "gland-nuts" ? loading(valve, piece) : null;
    steps.push(
      step("put together", load?.does ?? putBack(piece, house.tighteningPasses, newSeats !== null), {
        piece: pieceOf(piece),
        at: piece.at,
        renew: lookAt(piece).renew,
        figures: [
          toolOf(piece, true),
          ...(piece.oriented === null
            ? []
            : [{ what: "it stands", value: piece.oriented, unit: "" as const }]),
          ...(shellBolts ? jointTorque(valve, piece, rated, house) : []),
        ],
        look: load?.look ?? [],
        measures: load?.measures ?? [],
        cautions: shellBolts
          ? [
              "The torque is an estimate where the maker states none: his stands before it, and lubricated is not dry.",
            ]
          : [],
      }),
    );
    if (piece.role === "seat")
      for (const { does, at } of newSeats ?? []) {
        stands = at ?? stands;
        steps.push(step("put together", does, { at: stands, cautions: [handInBore] }));
      }
  }
  return steps;
}
