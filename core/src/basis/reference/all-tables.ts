import { type ReferenceTable, referenceTable } from "./table.ts";
import { bodyGrades } from "./tables/body-grades.ts";
import { bolting } from "./tables/bolting.ts";
import { causticCracking } from "./tables/caustic-cracking.ts";
import { chemicalSuitability } from "./tables/chemical-suitability.ts";
import { corrosion } from "./tables/corrosion.ts";
import { faceToFaceFlangedBall } from "./tables/face-to-face-flanged-ball.ts";
import { fluids as fluidTable } from "./tables/fluids.ts";
import { hydrogenAttack } from "./tables/hydrogen-attack.ts";
import { iso5211Flanges } from "./tables/iso-5211-flanges.ts";
import { leakageClassVi } from "./tables/leakage-class-vi.ts";
import { leakageIso5208 } from "./tables/leakage-iso-5208.ts";
import { materialGroups } from "./tables/material-groups.ts";
import { metalSuitability } from "./tables/metal-suitability.ts";
import { metals as metalTable } from "./tables/metals.ts";
import { minimumBoreFullOpening } from "./tables/minimum-bore-full-opening.ts";
import { pressureTemperatureClass } from "./tables/pressure-temperature-class.ts";
import { pressureTemperaturePn } from "./tables/pressure-temperature-pn.ts";
import { pressureTestApi6d } from "./tables/pressure-test-api-6d.ts";
import { pressureTestApi598 } from "./tables/pressure-test-api-598.ts";
import { sealMaterials } from "./tables/seal-materials.ts";
import { seatLimits } from "./tables/seat-limits.ts";
import { seatMaterials } from "./tables/seat-materials.ts";
import { seatSizeFactors } from "./tables/seat-size-factors.ts";
import { serviceFamilies as familyTable } from "./tables/service-families.ts";

const unchecked = "edition not verified against a licensed copy";

/** Every reference table the product ships, with its source and status. */
export const referenceTables: readonly ReferenceTable[] = [
  referenceTable(
    "pressure-temperature-class",
    "Pressure–temperature ratings by class",
    `ASME B16.34, standard class; ${unchecked}`,
    pressureTemperatureClass,
  ),
  referenceTable(
    "pressure-temperature-pn",
    "Pressure–temperature ratings by PN",
    `EN 1092-1 / EN 12516; ${unchecked}`,
    pressureTemperaturePn,
  ),
  referenceTable(
    "material-groups",
    "Material groups",
    `ASME B16.34 table 1, EN 1092-1; ${unchecked}`,
    materialGroups,
  ),
  referenceTable(
    "body-grades",
    "Limits of body grades",
    `ASTM and EN material standards; ${unchecked}`,
    bodyGrades,
  ),
  referenceTable("seat-materials", "Seat materials", "generic screening figures", seatMaterials),
  referenceTable(
    "seat-limits",
    "Generic seat limits",
    "generic screening figures, replaced by the curve of a product line if it has one",
    seatLimits,
  ),
  referenceTable(
    "seat-size-factors",
    "Size factors on generic seat limits",
    "generic screening figures",
    seatSizeFactors,
  ),
  referenceTable("seal-materials", "Seals, packings and gaskets", "generic screening figures", sealMaterials),
  referenceTable(
    "chemical-suitability",
    "Soft goods by service family",
    "generic screening figures",
    chemicalSuitability,
  ),
  referenceTable(
    "metal-suitability",
    "Metals by service family",
    "generic screening figures",
    metalSuitability,
  ),
  referenceTable(
    "metals",
    "Limits of metals in sour, chloride, hydrogen and oxygen service",
    `ISO 15156 and common practice; ${unchecked}`,
    metalTable,
  ),
  referenceTable("hydrogen-attack", "Steels in hot hydrogen", `API RP 941; ${unchecked}`, hydrogenAttack),
  referenceTable(
    "caustic-cracking",
    "Carbon steel in caustic, without stress relief",
    "common practice",
    causticCracking,
  ),
  referenceTable(
    "corrosion",
    "Materials in acids, caustic, bleach and acid gases, by strength and temperature",
    "lowest and highest limit of published iso-corrosion charts and resistance lists, from practice; not verified",
    corrosion,
  ),
  referenceTable("service-families", "Hazards of service families", "the substances of each", familyTable),
  referenceTable("bolting", "Body bolting", `ASTM A193, A194, A320, ISO 898-1; ${unchecked}`, bolting),
  referenceTable(
    "fluids",
    "Service fluids",
    "published critical constants and generic liquid figures, for estimates only",
    fluidTable,
  ),
  referenceTable("iso-5211-flanges", "Mounting pads", `ISO 5211; ${unchecked}`, iso5211Flanges),
  referenceTable(
    "face-to-face-flanged-ball",
    "Face-to-face, flanged ball valves",
    `ASME B16.10 / API 6D; ${unchecked}`,
    faceToFaceFlangedBall,
  ),
  referenceTable(
    "minimum-bore-full-opening",
    "Minimum bores, full opening",
    `API 6D; ${unchecked}`,
    minimumBoreFullOpening,
  ),
  referenceTable("leakage-iso-5208", "Seat leakage rates", `ISO 5208; ${unchecked}`, leakageIso5208),
  referenceTable("leakage-class-vi", "Seat leakage, class VI", `IEC 60534-4; ${unchecked}`, leakageClassVi),
  referenceTable("pressure-test-api-598", "Pressure tests", `API 598; ${unchecked}`, pressureTestApi598),
  referenceTable(
    "pressure-test-api-6d",
    "Pressure tests, pipeline valves",
    `API 6D; ${unchecked}`,
    pressureTestApi6d,
  ),
];
