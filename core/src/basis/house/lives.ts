import { number } from "./definition.ts";

const strokes = (label: string, value: number, reason: string) =>
  number(label, "strokes", value, [1000, 100_000_000], reason);

/** How long what moves lasts. */
export const lives = {
  overhaulYears: number(
    "Years between overhauls",
    "a",
    3,
    [0.5, 20],
    "What is worn by then is changed then.",
  ),
  softFloatingSeatLife: strokes(
    "Life, soft seat of a floating ball",
    250_000,
    "The line presses ball into seat at every stroke.",
  ),
  softHeldSeatLife: strokes(
    "Life, soft seat, ball or disc held",
    500_000,
    "Bearings take the thrust; the seat is only touched.",
  ),
  metalSeatLife: strokes("Life, metal seat", 150_000, "Faces polish, then gall; coatings wear through."),
  glandLife: strokes("Life, plain gland", 100_000, "Nothing takes up what the packing loses."),
  liveSealLife: strokes(
    "Life, live-loaded or lip stem seal",
    500_000,
    "Springs follow the packing as it wears.",
  ),
  pneumaticDriveLife: strokes("Life, air or oil drive", 1_000_000, "Piston seals and guides."),
  electricDriveLife: strokes(
    "Life, motor drive",
    50_000,
    "Worm gear and switches; on–off motors are not made for cycling.",
  ),
} as const;
