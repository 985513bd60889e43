import type { Assembly, Joint } from "../../../construction/bodies/assembly/model.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";

/** Where a leak shows. */
export const leakPlaces = ["outside", "through the valve"] as const;
export type LeakPlace = (typeof leakPlaces)[number];

export const causeKinds = [
  "gland relaxed",
  "stem seal worn",
  "shell joint",
  "bushing",
  "fitting",
  "line flange",
  "porosity",
  "seat worn",
  "closing member scratched",
  "behind the seat",
  "springs broken",
  "debris",
  "not quite shut",
  "cavity pressure",
  "upstream seat",
] as const;
/** Kind of a cause, which decides its signs. */
export type CauseKind = (typeof causeKinds)[number];

/** One thing that may be wrong. */
export interface Cause {
  readonly id: string;
  readonly kind: CauseKind;
  readonly place: LeakPlace;
  readonly name: string;
  /** Joint of the leak path; null where it has none of its own. */
  readonly joint: string | null;
  /** Prior probability against the others at its place. */
  readonly weight: number;
  /** Remedy at once, and remedy at the next shutdown. */
  readonly now: string;
  readonly next: string;
}

/**
 * How often each cause is found, against the others at its place: indicative, and adjusted by what is known of the
 * valve.
 */
const usual: Readonly<Record<CauseKind, number>> = {
  "gland relaxed": 30,
  "stem seal worn": 12,
  "shell joint": 12,
  bushing: 5,
  fitting: 10,
  "line flange": 15,
  porosity: 1,
  "seat worn": 30,
  "closing member scratched": 12,
  "behind the seat": 10,
  "springs broken": 4,
  debris: 16,
  "not quite shut": 14,
  "cavity pressure": 3,
  "upstream seat": 6,
};

const remedies: Readonly<Record<CauseKind, readonly [now: string, next: string]>> = {
  "gland relaxed": [
    "Tighten both gland nuts evenly by one sixth of a turn. Wait and look again.",
    "Renew the packing and set its load.",
  ],
  "stem seal worn": [
    "Inject sealant at the stem through its fitting.",
    "Renew the stem seals and packing. Inspect the stem.",
  ],
  "shell joint": [
    "Depressurise, then tighten the joint bolting crosswise to its torque.",
    "Renew the gasket. Inspect both faces.",
  ],
  bushing: ["Depressurise the valve.", "Renew the gasket and rings of the bushing."],
  fitting: [
    "Close the fitting and fit its own cap. Never loosen the fitting under pressure.",
    "Renew the fitting.",
  ],
  "line flange": [
    "Depressurise, then tighten the flange bolting crosswise to its torque.",
    "Renew the line gasket. Check the pipe for misalignment and strain.",
  ],
  porosity: ["Isolate the valve. No seal can stop a leak through the casting.", "Renew the body."],
  "seat worn": ["Inject sealant at the seat through its fitting.", "Renew the seats."],
  "closing member scratched": [
    "Inject sealant at the seat through its fitting.",
    "Renew the closing member, or lap it together with its seats.",
  ],
  "behind the seat": [
    "Keep the valve closed against a high differential pressure. Sealant injected at the seat seldom reaches behind it.",
    "Renew the rings behind the seats. Inspect their grooves.",
  ],
  "springs broken": [
    "Keep the valve closed against a high differential pressure. The pressure then loads the seat instead of the springs.",
    "Renew all springs.",
  ],
  debris: [
    "Stroke the valve several times with flow. Then close it in one movement.",
    "Flush the line. If the leak returns, strip the valve and inspect the seats.",
  ],
  "not quite shut": [
    "Set the closed stop where the leak is least, not by eye.",
    "Check stops, coupling and key for play.",
  ],
  "cavity pressure": [
    "Vent the cavity through its vent fitting.",
    "Fit a cavity relief, or seats that relieve the cavity.",
  ],
  "upstream seat": ["Close the vent. The downstream seat still holds.", "Renew the upstream seat."],
};

/** Remedy at once where the valve has no fitting for the usual one. */
const unfitted: Partial<Record<CauseKind, string>> = {
  "stem seal worn": "Isolate the valve. This stem has no sealant fitting.",
  "seat worn": "Isolate the valve if the leak matters. This seat has no sealant fitting.",
  "closing member scratched": "Isolate the valve if the leak matters. This seat has no sealant fitting.",
  "cavity pressure":
    "The cavity has no vent. Depressurise both sides, then open the valve slightly and close it again.",
};

/** Whether the usual remedy can be applied to this valve. */
function isFitted({ pieces, joints }: Assembly, kind: CauseKind, pieceId: string | null): boolean {
  if (kind === "cavity pressure") return pieces.some(({ id }) => id === "vent");
  return joints.some(({ id, seals }) => id === pieceId && seals.some(({ role }) => role === "injected"));
}

const kindOfJoint = ({ id, between }: Joint): CauseKind | null => {
  if (!between.includes("outside")) return null;
  if (id === "stem") return "stem seal worn";
  if (id === "bushing") return "bushing";
  if (id === "fittings" || id === "fitting") return "fitting";
  return id === "flange" ? "line flange" : "shell joint";
};

/**
 * Possible causes of a leak at a place.
 *
 * @param assembly its pieces and joints
 * @param valve seat
 * @param duty settled duty: solids, strokes
 * @param place where it shows
 * @returns causes the valve can have, with prior weights that sum to one
 * @source the joints on the way; how often each is found, indicative, moved by solids, seat and strokes
 */
export function causesOf(assembly: Assembly, valve: Valve, duty: SettledDuty, place: LeakPlace): Cause[] {
  const has = (role: string) => assembly.pieces.some((piece) => piece.role === role);
  const gritty = (duty.stated.fluid.solidsPercent ?? 0) > 0;
  const soft = valve.seat.material.kind === "polymer";
  const often = duty.strokesPerYear > 1000;
  const moved: Partial<Record<CauseKind, number>> = {
    debris: gritty ? 2.5 : 1,
    "closing member scratched": gritty ? 2 : 1,
    "seat worn": (soft ? 1 : 0.6) * (often ? 1.5 : 1),
    "gland relaxed": often ? 1.4 : 1,
  };
  const cause = (
    kind: CauseKind,
    name: string,
    joint: string | null,
    id: string = kind,
  ): Omit<Cause, "weight"> => ({
    id,
    kind,
    place,
    name,
    joint,
    now: (isFitted(assembly, kind, joint) ? undefined : unfitted[kind]) ?? remedies[kind][0],
    next: remedies[kind][1],
  });
  const member = assembly.pieces.find(({ role }) => role === "closing member")!.name;
  const outside = (): Omit<Cause, "weight">[] => [
    ...(has("gland") ? [cause("gland relaxed", "the gland has relaxed", "stem")] : []),
    ...assembly.joints.flatMap((joint) => {
      const kind = kindOfJoint(joint);
      return kind === null ? [] : [cause(kind, `${joint.name} leaks`, joint.id, `${kind} ${joint.id}`)];
    }),
    ...(assembly.joints.some(({ id }) => id === "flange")
      ? []
      : [cause("line flange", "the line flange leaks", null)]),
    cause("porosity", "the body is porous", null),
  ];
  const through = (): Omit<Cause, "weight">[] => {
    const back = assembly.joints.find(({ id }) => id === "back");
    return [
      cause("seat worn", "the seat is worn or permanently deformed", "seat"),
      cause("closing member scratched", `the ${member} is scratched`, "seat"),
      ...(back ? [cause("behind the seat", "the leak passes behind the seat", "back")] : []),
      ...(assembly.pieces.some(({ id }) => id.endsWith("springs") && id !== "contact-springs")
        ? [cause("springs broken", "the springs of a seat are broken", "seat")]
        : []),
      cause("debris", "debris holds the closing member off its seat", "seat"),
      cause("not quite shut", "the valve is not fully closed", "seat"),
      ...(valve.cavity.trapsLiquid
        ? [cause("cavity pressure", "cavity pressure pushes a seat off the closing member", "seat")]
        : []),
      ...(assembly.joints.some(({ id }) => id === "upstream-seat") && valve.cavity.blockAndBleed
        ? [cause("upstream seat", "the upstream seat leaks into the cavity", "upstream-seat")]
        : []),
    ];
  };
  const found = place === "outside" ? outside() : through();
  const weighed = found.map((cause) => ({ ...cause, weight: usual[cause.kind] * (moved[cause.kind] ?? 1) }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed.map((cause) => ({ ...cause, weight: cause.weight / total }));
}
