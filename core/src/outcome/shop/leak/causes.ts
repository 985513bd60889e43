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
/** What a cause is, by which it shows itself. */
export type CauseKind = (typeof causeKinds)[number];

/** One thing that may be wrong. */
export interface Cause {
  readonly id: string;
  readonly kind: CauseKind;
  readonly place: LeakPlace;
  readonly name: string;
  /** Joint the fluid passes; null where it passes none of its own. */
  readonly joint: string | null;
  /** How often it is it, against the others at its place, before anything is looked at. */
  readonly weight: number;
  /** What helps at once, what helps at the next stop. */
  readonly now: string;
  readonly next: string;
}

/** How often each is found, against the others at its place: indicative, and moved by what is known of the valve. */
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
    "Tighten the gland a sixth of a turn, evenly, and wait.",
    "Renew the packing and set its load anew.",
  ],
  "stem seal worn": [
    "Inject sealant at the stem, through its fitting.",
    "Renew stem seals and packing, and look at the stem.",
  ],
  "shell joint": [
    "Take the pressure down, then tighten its screws crosswise to their torque.",
    "Renew the gasket, and look at both faces.",
  ],
  bushing: ["Take the pressure down.", "Renew the bushing's gasket and rings."],
  fitting: [
    "Close it, and cap it with a cap made for it; never back it out under pressure.",
    "Renew the fitting.",
  ],
  "line flange": [
    "Tighten the flange crosswise to its torque, with the pressure down.",
    "Renew the line gasket, and look whether the pipe pulls.",
  ],
  porosity: ["Isolate it: what the casting lets through no seal stops.", "Renew the body."],
  "seat worn": ["Inject sealant at the seat, through its fitting.", "Renew the seats."],
  "closing member scratched": [
    "Inject sealant at the seat, through its fitting.",
    "Renew or lap the closing member together with its seats.",
  ],
  "behind the seat": [
    "Hold it shut against a high differential: sealant at the seat seldom reaches behind it.",
    "Renew the rings behind the seats, and look at their grooves.",
  ],
  "springs broken": [
    "Hold it shut against a high differential: pressure does what the springs do not.",
    "Renew the springs, all of them.",
  ],
  debris: [
    "Stroke it several times with flow, and shut it in one go.",
    "Flush the line; strip and look at the seats where it comes back.",
  ],
  "not quite shut": [
    "Set the closed stop by the leak, not by the eye.",
    "Look at stops, coupling and key for play.",
  ],
  "cavity pressure": [
    "Vent the cavity through the fitting made for it.",
    "Fit a relief of the cavity, or another arrangement of seats.",
  ],
  "upstream seat": ["Shut the vent: the downstream seat still holds.", "Renew the upstream seat."],
};

/** What helps at once where the valve has no fitting for the usual remedy. */
const unfitted: Partial<Record<CauseKind, string>> = {
  "stem seal worn": "Isolate it: nothing is injected at this stem.",
  "seat worn": "Isolate it where what passes matters: nothing is injected at this seat.",
  "closing member scratched": "Isolate it where what passes matters: nothing is injected at this seat.",
  "cavity pressure":
    "It has no vent: take the pressure down on both sides, then turn it a little open and shut again.",
};

/** Whether what usually helps at once can be done on this valve. */
function isFitted({ pieces, joints }: Assembly, kind: CauseKind, of: string | null): boolean {
  if (kind === "cavity pressure") return pieces.some(({ id }) => id === "vent");
  return joints.some(({ id, seals }) => id === of && seals.some(({ role }) => role === "injected"));
}

const kindOfJoint = ({ id, between }: Joint): CauseKind | null => {
  if (!between.includes("outside")) return null;
  if (id === "stem") return "stem seal worn";
  if (id === "bushing") return "bushing";
  if (id === "fittings" || id === "fitting") return "fitting";
  return id === "flange" ? "line flange" : "shell joint";
};

/**
 * What may be wrong with a valve that leaks at a place.
 *
 * @param assembly its pieces and joints
 * @param valve seat
 * @param duty settled duty: solids, strokes
 * @param place where it shows
 * @returns causes the valve can have, with weights before anything is looked at, summing to one
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
      cause("seat worn", "the seat is worn or has set", "seat"),
      cause("closing member scratched", `the ${member} is scratched`, "seat"),
      ...(back ? [cause("behind the seat", "it passes behind the seat", "back")] : []),
      ...(assembly.pieces.some(({ id }) => id.endsWith("springs") && id !== "contact-springs")
        ? [cause("springs broken", "springs of a seat are broken", "seat")]
        : []),
      cause("debris", "debris holds it off its seat", "seat"),
      cause("not quite shut", "it is not quite shut", "seat"),
      ...(valve.cavity.trapsLiquid
        ? [cause("cavity pressure", "pressure in the cavity pushes a seat off", "seat")]
        : []),
      ...(assembly.joints.some(({ id }) => id === "upstream-seat") && valve.cavity.blockAndBleed
        ? [cause("upstream seat", "the upstream seat passes into the cavity", "upstream-seat")]
        : []),
    ];
  };
  const found = place === "outside" ? outside() : through();
  const weighed = found.map((one) => ({ ...one, weight: usual[one.kind] * (moved[one.kind] ?? 1) }));
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed.map((one) => ({ ...one, weight: one.weight / all }));
}
