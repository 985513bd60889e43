import { number } from "./definition.ts";

const strokes = (label: string, value: number, reason: string) =>
  number(label, "strokes", value, [1000, 100_000_000], reason);

/** Design life of moving parts. */
export const lives = {
  overhaulYears: number(
    "Years between overhauls",
    "a",
    3,
    [0.5, 20],
    "Worn parts are replaced at the overhaul.",
  ),
  lifeBand: number(
    "Band of an estimated life",
    "",
    2,
    [1, 10],
    "A life that no maker states is between its figure divided by this and its figure.",
  ),
  softFloatingSeatLife: strokes(
    "Life, soft seat of a floating ball",
    250_000,
    "Line pressure presses the ball into the seat at every stroke.",
  ),
  softHeldSeatLife: strokes(
    "Life, soft seat, trunnion ball or disc",
    500_000,
    "Bearings carry the thrust, and the seat is loaded only lightly.",
  ),
  metalSeatLife: strokes("Life, metal seat", 150_000, "Faces polish, then gall. Coatings wear through."),
  glandLife: strokes("Life, plain gland", 100_000, "Nothing compensates for wear of the packing."),
  liveSealLife: strokes(
    "Life, live-loaded or lip stem seal",
    500_000,
    "Springs compensate for wear of the packing.",
  ),
  pneumaticDriveLife: strokes("Life, pneumatic or hydraulic actuator", 1_000_000, "Piston seals and guides."),
  electricDriveLife: strokes(
    "Life, electric actuator",
    50_000,
    "Worm gear and switches. On–off motors are not made for cycling.",
  ),
} as const;
