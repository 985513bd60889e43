import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { threeFigures } from "../geometry.ts";
import { flanged, plain, unflanged } from "./shared.ts";

export const vanes = (): DriveFamily[] => [
  flanged({
    ...plain,
    id: "osmere-vn",
    maker: "Osmere Flow",
    name: "Vane VN",
    kind: "vane",
    lowTemperature: false,
    maximumAirBarG: 8,
    sizes: [40, 55, 75, 100, 130, 170, 220, 280].map((radius) => ({
      id: `VN ${radius}`,
      vaneHeightMm: threeFigures(0.9 * radius),
      vaneOuterRadiusMm: radius,
      vaneInnerRadiusMm: threeFigures(0.25 * radius),
      efficiency: 0.85,
      ...unflanged,
      weightKg: threeFigures(1.2 + 0.0005 * radius ** 2.2),
      // The large ones share one casting for many plants.
      price: Math.round(110 + (radius > 200 ? 0.0118 : 0.031) * radius ** 2.1),
    })),
  }),
];
