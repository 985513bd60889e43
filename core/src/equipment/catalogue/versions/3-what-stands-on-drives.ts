import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * The shelf gained accessories; actuators and stems gained mounting, stroking times and manual data. Values that the
 * second version did not have stay not stated. Frozen: later changes of the catalogue do not change this step.
 */
export const whatStandsOnDrives: VersionStep = {
  to: 3,
  says: "The shelf states accessories, and actuators state ends, stops, times and manual override. Values not stated before stay not stated.",
  upcast: (catalogue) => ({
    accessories: [],
    ...catalogue,
    lines: rows(catalogue.lines).map((line) => ({
      noLongerMade: false,
      ...line,
      seals: rows(line.seals).map((set) => ({
        ...set,
        parts: rows(set.parts).map((part) => ({ decompressionGrade: false, ...part })),
      })),
      sizes: rows(line.sizes).map((size) => ({ ...ofSize, ...size })),
    })),
    drives: rows(catalogue.drives).map((family) => ({
      ...ofFamily,
      ...ofKind[String(family.kind)],
      ...family,
      sizes: rows(family.sizes).map((size) => ({
        ...ofDriveSize,
        ...(ofKind[String(family.kind)] === motor && { startingCurrentA: null }),
        ...(risingStems.has(String(family.kind)) && { maximumThrustN: null }),
        ...size,
      })),
    })),
  }),
};

const rows = (list: unknown): readonly Document[] => (Array.isArray(list) ? list : []);

const ofSize = { stemEnd: null, stemThread: null, padHeightMm: null, flangeDiameterMm: null };
const ofFamily = {
  lowTemperature: null,
  highTemperature: null,
  marking: null,
  enclosure: null,
  handOverride: null,
  stopsDegrees: null,
};
const ofDriveSize = { alsoFlange: null, end: null, outside: null, strokeSeconds: null, springSeconds: null };

const risingStems: ReadonlySet<string> = new Set(["electric multi-turn", "bevel gear"]);

const motor = {
  startsPerHour: null,
  lowestVoltagePercent: null,
  motorSupplies: null,
  dutyClass: null,
  heater: null,
  thermalCutOut: null,
  torqueSwitches: null,
};
const ofKind: Readonly<Record<string, Document>> = {
  "electric on-off": motor,
  "electric modulating": motor,
  "electric spring-return": motor,
  "electric capacitor-return": motor,
  "electric multi-turn": motor,
  "electro-hydraulic": motor,
  lever: { lockable: null },
  "handwheel gearbox": { selfLocking: null },
  "bevel gear": { selfLocking: null },
};
