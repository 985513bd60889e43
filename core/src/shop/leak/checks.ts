import type { Assembly } from "../../bodies/index.ts";
import type { Valve } from "../../catalogue/valve.ts";
import type { CauseKind, LeakPlace } from "./causes.ts";

/** Something that is looked at, tried or measured to tell causes apart. */
export interface Check {
  readonly id: string;
  readonly place: LeakPlace;
  readonly asks: string;
  readonly answers: readonly string[];
  /** Minutes it takes, about. */
  readonly effortMin: number;
  /** 0 none, 3 somebody may be hurt who does it wrong. */
  readonly risk: 0 | 1 | 2 | 3;
  readonly caution: string | null;
  /** Chance of each answer where a kind of cause is it; of other kinds as `otherwise`. */
  readonly chances: Partial<Record<CauseKind, readonly number[]>>;
  readonly otherwise: readonly number[];
  /** Whether the valve is made for it. */
  readonly made: (of: { readonly valve: Valve; readonly assembly: Assembly }) => boolean;
}

const always = () => true;
const hasPiece =
  (id: string) =>
  ({ assembly }: { readonly assembly: Assembly }) =>
    assembly.pieces.some((piece) => piece.id === id);
const eject = "Stand aside of gland and fittings: they may eject under pressure.";

/** Checks of a leak to the outside and of one through the valve. Chances are indicative: what usually shows. */
export const checks: readonly Check[] = [
  {
    id: "soap",
    place: "outside",
    asks: "Soap on gland, joints, fittings and flanges: where does it foam?",
    answers: ["at the stem", "at a joint of the body", "at a fitting", "at the line flange", "on the wall"],
    effortMin: 10,
    risk: 1,
    caution: eject,
    chances: {
      "gland relaxed": [0.92, 0.03, 0.02, 0.02, 0.01],
      "stem seal worn": [0.9, 0.05, 0.02, 0.02, 0.01],
      bushing: [0.45, 0.5, 0.02, 0.02, 0.01],
      "shell joint": [0.04, 0.88, 0.03, 0.04, 0.01],
      fitting: [0.02, 0.04, 0.92, 0.01, 0.01],
      "line flange": [0.02, 0.06, 0.01, 0.9, 0.01],
      porosity: [0.02, 0.1, 0.02, 0.06, 0.8],
    },
    otherwise: [0.2, 0.2, 0.2, 0.2, 0.2],
    made: always,
  },
  {
    id: "gland",
    place: "outside",
    asks: "Tighten the gland a sixth of a turn: what does the leak do?",
    answers: ["it stops", "it lessens", "it stays"],
    effortMin: 10,
    risk: 2,
    caution: eject,
    chances: {
      "gland relaxed": [0.7, 0.25, 0.05],
      "stem seal worn": [0.08, 0.32, 0.6],
    },
    otherwise: [0.01, 0.04, 0.95],
    made: hasPiece("gland"),
  },
  {
    id: "warm",
    place: "outside",
    asks: "Does it grow as the valve warms up?",
    answers: ["it grows", "it stays", "it lessens"],
    effortMin: 30,
    risk: 0,
    caution: null,
    chances: {
      "gland relaxed": [0.65, 0.3, 0.05],
      "stem seal worn": [0.35, 0.55, 0.1],
      "shell joint": [0.25, 0.35, 0.4],
      bushing: [0.25, 0.35, 0.4],
      "line flange": [0.3, 0.3, 0.4],
    },
    otherwise: [0.15, 0.7, 0.15],
    made: always,
  },
  {
    id: "turning",
    place: "outside",
    asks: "Does it change while the stem turns?",
    answers: ["it changes", "it stays"],
    effortMin: 10,
    risk: 1,
    caution: "Nobody has fingers at stem or bracket while it turns.",
    chances: { "gland relaxed": [0.7, 0.3], "stem seal worn": [0.8, 0.2], bushing: [0.15, 0.85] },
    otherwise: [0.04, 0.96],
    made: always,
  },
  {
    id: "torque outside",
    place: "outside",
    asks: "How is its torque against the log?",
    answers: ["fallen", "as before", "risen"],
    effortMin: 20,
    risk: 1,
    caution: null,
    chances: { "gland relaxed": [0.6, 0.38, 0.02], "stem seal worn": [0.35, 0.5, 0.15] },
    otherwise: [0.05, 0.88, 0.07],
    made: always,
  },
  {
    id: "bolts",
    place: "outside",
    asks: "Try the screws of the joint with a wrench, the pressure down: is one loose?",
    answers: ["one is loose", "all are tight"],
    effortMin: 30,
    risk: 2,
    caution: "Take the pressure down first: a joint that is loose may open.",
    chances: { "shell joint": [0.55, 0.45], "line flange": [0.5, 0.5], bushing: [0.4, 0.6] },
    otherwise: [0.05, 0.95],
    made: always,
  },
  {
    id: "stroke",
    place: "through the valve",
    asks: "Stroke it a few times and shut it in one go: what does the leak do?",
    answers: ["it stops", "it changes", "it stays"],
    effortMin: 10,
    risk: 1,
    caution: "Tell whoever depends on the line before it is stroked.",
    chances: {
      debris: [0.55, 0.35, 0.1],
      "seat worn": [0.02, 0.18, 0.8],
      "closing member scratched": [0.02, 0.2, 0.78],
      "behind the seat": [0.03, 0.12, 0.85],
      "springs broken": [0.05, 0.45, 0.5],
      "not quite shut": [0.1, 0.3, 0.6],
      "cavity pressure": [0.6, 0.3, 0.1],
    },
    otherwise: [0.05, 0.15, 0.8],
    made: always,
  },
  {
    id: "stop",
    place: "through the valve",
    asks: "Look at the mark on the stem's end: does it stand square across the bore when shut?",
    answers: ["short of it", "square", "past it"],
    effortMin: 5,
    risk: 0,
    caution: null,
    chances: { "not quite shut": [0.75, 0.1, 0.15], debris: [0.25, 0.74, 0.01] },
    otherwise: [0.04, 0.93, 0.03],
    made: always,
  },
  {
    id: "low pressure",
    place: "through the valve",
    asks: "Does it leak at low differential only?",
    answers: ["at low only", "at both", "at high only"],
    effortMin: 40,
    risk: 1,
    caution: null,
    chances: {
      "springs broken": [0.8, 0.18, 0.02],
      "seat worn": [0.25, 0.6, 0.15],
      "closing member scratched": [0.05, 0.85, 0.1],
      "behind the seat": [0.1, 0.5, 0.4],
      debris: [0.05, 0.85, 0.1],
      "not quite shut": [0.02, 0.88, 0.1],
    },
    otherwise: [0.1, 0.7, 0.2],
    made: always,
  },
  {
    id: "one way",
    place: "through the valve",
    asks: "Does it leak from one side only?",
    answers: ["one way", "both ways", "cannot be tried"],
    effortMin: 60,
    risk: 1,
    caution: null,
    chances: {
      "seat worn": [0.75, 0.15, 0.1],
      "behind the seat": [0.75, 0.15, 0.1],
      "springs broken": [0.7, 0.2, 0.1],
      "closing member scratched": [0.35, 0.55, 0.1],
      debris: [0.4, 0.5, 0.1],
      "not quite shut": [0.03, 0.87, 0.1],
      "upstream seat": [0.8, 0.1, 0.1],
    },
    otherwise: [0.4, 0.5, 0.1],
    made: ({ valve }) => !valve.cavity.oneWay && valve.construction.direction === "both ways",
  },
  {
    id: "vent",
    place: "through the valve",
    asks: "Shut it and crack the cavity's vent, through the fitting made for it: what comes?",
    answers: ["it goes on", "it stops after a while", "nothing comes"],
    effortMin: 15,
    risk: 2,
    caution:
      "What is in the cavity comes out: stand aside, lead it away, and never crack a fitting that is not made for it.",
    chances: {
      "upstream seat": [0.9, 0.08, 0.02],
      "seat worn": [0.45, 0.45, 0.1],
      "closing member scratched": [0.75, 0.2, 0.05],
      "behind the seat": [0.4, 0.4, 0.2],
      "springs broken": [0.5, 0.4, 0.1],
      debris: [0.65, 0.3, 0.05],
      "not quite shut": [0.95, 0.04, 0.01],
      "cavity pressure": [0.03, 0.95, 0.02],
    },
    otherwise: [0.3, 0.5, 0.2],
    made: hasPiece("vent"),
  },
  {
    id: "torque",
    place: "through the valve",
    asks: "How is its torque against the log?",
    answers: ["fallen", "as before", "risen"],
    effortMin: 20,
    risk: 1,
    caution: null,
    chances: {
      "seat worn": [0.6, 0.35, 0.05],
      "springs broken": [0.55, 0.4, 0.05],
      debris: [0.02, 0.38, 0.6],
      "closing member scratched": [0.1, 0.45, 0.45],
      "cavity pressure": [0.02, 0.28, 0.7],
    },
    otherwise: [0.08, 0.84, 0.08],
    made: always,
  },
  {
    id: "sealant",
    place: "through the valve",
    asks: "Inject sealant at the seat: what does the leak do?",
    answers: ["it stops", "it lessens", "it stays"],
    effortMin: 30,
    risk: 2,
    caution: "Only through a fitting made for it, with its check proved, and only what the service allows.",
    chances: {
      "seat worn": [0.5, 0.45, 0.05],
      "closing member scratched": [0.45, 0.5, 0.05],
      "behind the seat": [0.1, 0.3, 0.6],
      debris: [0.1, 0.5, 0.4],
      "not quite shut": [0.02, 0.28, 0.7],
    },
    otherwise: [0.1, 0.4, 0.5],
    made: hasPiece("seat-sealant"),
  },
  {
    id: "listen",
    place: "through the valve",
    asks: "Listen at the body with a rod or an ultrasonic probe: where is it loudest?",
    answers: ["at the seat", "behind the seat", "nowhere"],
    effortMin: 10,
    risk: 0,
    caution: null,
    chances: {
      "behind the seat": [0.3, 0.6, 0.1],
      "seat worn": [0.75, 0.1, 0.15],
      "closing member scratched": [0.8, 0.08, 0.12],
      debris: [0.85, 0.08, 0.07],
      "not quite shut": [0.85, 0.05, 0.1],
    },
    otherwise: [0.5, 0.2, 0.3],
    made: always,
  },
  {
    id: "sudden",
    place: "through the valve",
    asks: "How did it begin?",
    answers: ["all at once", "little by little"],
    effortMin: 2,
    risk: 0,
    caution: null,
    chances: {
      "seat worn": [0.1, 0.9],
      "closing member scratched": [0.45, 0.55],
      "behind the seat": [0.3, 0.7],
      "springs broken": [0.5, 0.5],
      debris: [0.85, 0.15],
      "not quite shut": [0.8, 0.2],
      "cavity pressure": [0.8, 0.2],
    },
    otherwise: [0.5, 0.5],
    made: always,
  },
];
