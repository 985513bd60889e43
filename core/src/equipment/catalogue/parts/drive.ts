import { trainPart } from "./part.ts";

/** The drive: family, size, action and springs; null for a bare stem. */
export const drive = trainPart("drive", (train) => train.drive, [
  "drive.family",
  "drive.onSupplyLoss",
  "drive.fittings",
]);

export const driveFamily = trainPart("drive.family", (train) => train.drive?.family ?? null);

export const driveOnSupplyLoss = trainPart(
  "drive.onSupplyLoss",
  (train) => train.drive?.onSupplyLoss ?? null,
);

/** Accessories mounted on the actuator on any valve. */
export const driveFittings = trainPart("drive.fittings", (train) => train.fittings);
