import type { StemEnd } from "../../construction/ends/forms.ts";

/** Maker, order code and price of a standard part. */
export interface Made {
  readonly maker: string;
  readonly item: string;
  readonly price: number;
}

export interface StockBracket extends Made {
  readonly lowerFlange: string;
  readonly upperFlange: string;
  readonly heightMm: number;
  readonly plateWidthMm: number;
  readonly plateMm: number;
  readonly legMm: number;
  readonly middleMm: number;
  readonly ratedTorqueNm: number;
  readonly weightKg: number;
}

export interface StockCoupling extends Made {
  readonly socketForm: StemEnd["form"];
  readonly socketAcrossMm: number;
  readonly socketDepthMm: number;
  readonly endForm: StemEnd["form"];
  readonly endAcrossMm: number;
  readonly endLengthMm: number;
  readonly solidMm: number;
  readonly outsideMm: number;
  readonly ratedTorqueNm: number;
  readonly weightKg: number;
}

/** Standard parts of the shelf between valves and actuators, the cheapest first. */
export interface Stock {
  readonly brackets: readonly StockBracket[];
  readonly couplings: readonly StockCoupling[];
}
