/** Flow trims of the demo's lines: Kv by the area of the bore, factors by the kind of trim. */
import { constructionNamed, passageOf } from "@proven-seat/core/construction/bodies";
import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { typicalTrim } from "@proven-seat/core/equipment/trims";
import { threeFigures } from "./geometry.ts";

type FlowTrim = ProductLine["flowTrims"][number];

/** A body with trims. */
export interface FlowBody {
  readonly dn: number;
  readonly designation: string;
  readonly boreMm: number;
}

/** A trim as a maker would list it. */
interface TrimOf {
  readonly id: string;
  readonly name: string;
  readonly kind: FlowTrim["kind"];
  readonly law?: FlowTrim["law"];
  readonly rangeability?: number;
  readonly madeIn?: FlowTrim["madeIn"];
  /** Share of the plain trim's coefficient. */
  readonly share: number;
  /** Narrowest way as a share of the bore, or in mm. */
  readonly passage: (boreMm: number) => number;
  readonly price: (dn: number) => number;
  readonly factors?: Partial<Record<"fl" | "xt" | "fd" | "xfz", number>>;
  readonly from?: number;
  readonly to?: number;
}

const percent = (value: number) => Math.round(value * 1000) / 1000;

function trimOf(construction: string, bodies: readonly FlowBody[], trim: TrimOf): FlowTrim {
  const passage = passageOf(constructionNamed(construction)!.flows);
  const law = trim.law ?? "points";
  const made = bodies.filter(({ dn }) => dn >= (trim.from ?? 0) && dn <= (trim.to ?? 9999));
  return {
    id: trim.id,
    name: trim.name,
    kind: trim.kind,
    law,
    rangeability: trim.rangeability ?? passage.rangeability,
    madeIn: trim.madeIn ?? null,
    bothWays: constructionNamed(construction)!.direction === "both ways",
    curve: passage.points.map((point) => ({
      openingPercent: point.openingPercent,
      share: law === "points" ? point.share : null,
      fl: percent(trim.factors?.fl ?? point.fl),
      xt: percent(trim.factors?.xt ?? point.xt),
      fd: percent(trim.factors?.fd ?? point.fd),
      xfz: trim.factors?.xfz ?? null,
      torque: point.torque,
      closingTorque: point.closingTorque,
    })),
    sizes: made.map((body) => ({
      dn: body.dn,
      designation: body.designation,
      kv: threeFigures(trim.share * typicalTrim(constructionNamed(construction)!, body).kv),
      passageMm: threeFigures(trim.passage(body.boreMm)),
      price: Math.round(trim.price(body.dn)),
    })),
  };
}

const trims = (construction: string, list: readonly TrimOf[]) => (bodies: readonly FlowBody[]) =>
  list.map((trim) => trimOf(construction, bodies, trim));
const free = () => 0;

const bores: Readonly<Record<string, string>> = { full: "Full", "double-reduced": "Double-reduced" };

/** The bore of a valve that opens and shuts, or a disc. */
export const plainTrims = (construction: string, port: string) =>
  trims(construction, [
    {
      id: "plain",
      name: port === "wafer disc" ? "Disc" : `${bores[port] ?? "Reduced"} bore`,
      kind: port === "wafer disc" ? "disc" : "bore",
      share: 1,
      passage: (bore) => (port === "wafer disc" ? 0.3 : 1) * bore,
      price: free,
    },
  ]);

const notch = (degrees: number, share: number, law: FlowTrim["law"] = "points"): TrimOf => ({
  id: `v${degrees}`,
  name: `Notch ${degrees}°`,
  kind: "V-port",
  law,
  rangeability: 100,
  share,
  passage: (bore) => (degrees / 120) * bore,
  price: free,
});
const micro = (cv: number, passageMm: number): TrimOf => ({
  id: `m${cv}`,
  name: `Groove ${cv}`,
  kind: "micro trim",
  law: "equal percentage",
  rangeability: 50,
  // For a DN 25 body with the smallest bore.
  share: cv / 1.1560992 / (0.05 * 20 * 20),
  passage: () => passageMm,
  price: () => 140,
  factors: { fl: 0.96, xt: 0.75, fd: 0.2 },
  from: 25,
  to: 25,
});

export const notches = trims("v-port-ball", [
  micro(0.03, 0.6),
  micro(0.1, 0.9),
  micro(0.3, 1.4),
  micro(1, 2.2),
  notch(15, 0.12, "equal percentage"),
  notch(30, 0.28, "equal percentage"),
  notch(60, 0.62),
  notch(90, 1),
]);

const segment = (bore: number, share: number): TrimOf => ({
  id: `s${bore}`,
  name: `Segment ${bore} %`,
  kind: "segment",
  share,
  passage: (mm) => (bore / 100) * 0.8 * mm,
  price: free,
});

export const segments = trims("segment-ball", [
  segment(25, 0.16),
  segment(40, 0.32),
  segment(60, 0.56),
  segment(100, 1),
  {
    id: "stepped",
    name: "Stepped segment",
    kind: "cavitation trim",
    madeIn: ["cobalt"],
    share: 0.45,
    passage: (bore) => 2.4 + 0.02 * bore,
    price: (dn) => 420 + 5 * dn,
    factors: { fl: 0.96, xt: 0.8, fd: 0.22, xfz: 0.72 },
  },
  {
    id: "divided",
    name: "Divided segment",
    kind: "noise trim",
    madeIn: ["cobalt"],
    share: 0.6,
    passage: (bore) => 2 + 0.015 * bore,
    price: (dn) => 380 + 4.4 * dn,
    factors: { fl: 0.93, xt: 0.76, fd: 0.08 },
  },
]);

const seat = (percentOfBore: number, share: number): TrimOf => ({
  id: `r${percentOfBore}`,
  name: `Seat ${percentOfBore} %`,
  kind: "characterised seat",
  law: "linear",
  rangeability: 40,
  share,
  passage: (bore) => 0.4 * (percentOfBore / 100) * bore,
  price: (dn) => (percentOfBore === 100 ? 0 : 40 + 0.3 * dn),
});

export const characterisedSeats = trims("plug-eccentric", [seat(40, 0.4), seat(70, 0.7), seat(100, 1)]);
