import type { Bolting } from "../../basis/reference/bolting.ts";
import type { Curve } from "../../basis/reference/curve.ts";
import type { BodyGrade } from "../../basis/reference/grades.ts";
import type { Designation } from "../../basis/reference/pressure-temperature.ts";
import type { SealMaterial } from "../../basis/reference/seals.ts";
import type { SeatMaterial } from "../../basis/reference/seats.ts";
import type { Cavity } from "../../construction/bodies/cavity.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import type { ProductLine, ProductSize } from "./schema.ts";

/** A seat of a line at one size: material, limit curve and the source of the curve. */
export interface OfferedSeat {
  readonly offer: ProductLine["seats"][number];
  readonly material: SeatMaterial;
  readonly curve: Curve | null;
  readonly curveName: string;
  readonly curveIsGeneric: boolean;
}

/** One valve that can be ordered, before its parts are numbered: a line at a size and class with body, trim, seat and seals picked. */
export interface UnnumberedValve {
  readonly key: string;
  readonly line: ProductLine;
  readonly size: ProductSize;
  readonly construction: Construction;
  readonly cavity: Cavity;
  readonly bolting: Bolting;
  readonly designation: Designation;
  readonly grade: BodyGrade;
  readonly ratingCurve: Curve;
  readonly trim: ProductLine["trims"][number];
  readonly seat: OfferedSeat;
  readonly seals: {
    readonly offer: ProductLine["seals"][number];
    readonly id: string;
    readonly name: string;
    readonly stemSeal: ProductLine["seals"][number]["stemSeal"];
    readonly emissionClass: ProductLine["seals"][number]["emissionClass"];
    readonly parts: readonly { part: string; material: SealMaterial; decompressionGrade: boolean }[];
  };
  readonly price: number;
}
