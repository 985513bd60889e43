import { abrasion } from "./abrasion.ts";
import { adjustableGlandHeat } from "./adjustable-gland-heat.ts";
import { amineCracking } from "./amine-cracking.ts";
import { bodyChemistry } from "./body-chemistry.ts";
import { bodyClass } from "./body-class.ts";
import { boltingMarine } from "./bolting-marine.ts";
import { boltingSour } from "./bolting-sour.ts";
import { boltingTemperature } from "./bolting-temperature.ts";
import { carbonateCracking } from "./carbonate-cracking.ts";
import { causticCracking } from "./caustic-cracking.ts";
import { chlorideBody } from "./chloride-body.ts";
import { chlorideTrim } from "./chloride-trim.ts";
import { chlorineHeat } from "./chlorine-heat.ts";
import { coatingChemistry } from "./coating-chemistry.ts";
import { copperAlloy } from "./copper-alloy.ts";
import { decompression } from "./decompression.ts";
import { fillerSwell } from "./filler-swell.ts";
import { freezing } from "./freezing.ts";
import { galling } from "./galling.ts";
import { gasketClass } from "./gasket-class.ts";
import { gradeMaximum } from "./grade-maximum.ts";
import { gradeMinimum } from "./grade-minimum.ts";
import { graphiteSeawater } from "./graphite-seawater.ts";
import { hydrogenAttack } from "./hydrogen-attack.ts";
import { hydrogenBody } from "./hydrogen-body.ts";
import { hydrogenTightness } from "./hydrogen-tightness.ts";
import { hydrogenTrim } from "./hydrogen-trim.ts";
import { jacketHeat } from "./jacket-heat.ts";
import { jacketLimit } from "./jacket-limit.ts";
import { lightGasSeat } from "./light-gas-seat.ts";
import { lineTest } from "./line-test.ts";
import { oxygenBody } from "./oxygen-body.ts";
import { oxygenOpening } from "./oxygen-opening.ts";
import { oxygenSeat } from "./oxygen-seat.ts";
import { oxygenTrim } from "./oxygen-trim.ts";
import { packingLife } from "./packing-life.ts";
import { sealChemistry } from "./seal-chemistry.ts";
import { sealTemperature } from "./seal-temperature.ts";
import { sealantChemistry } from "./sealant-chemistry.ts";
import { sealantHeat } from "./sealant-heat.ts";
import { seatChemistry } from "./seat-chemistry.ts";
import { seatHeadroom } from "./seat-headroom.ts";
import { seatLife } from "./seat-life.ts";
import { seatLimit } from "./seat-limit.ts";
import { seatSet } from "./seat-set.ts";
import { seatStress } from "./seat-stress.ts";
import { seatTemperature } from "./seat-temperature.ts";
import { seawaterCrevice } from "./seawater-crevice.ts";
import { sourBody } from "./sour-body.ts";
import { sourTrim } from "./sour-trim.ts";
import { springChemistry } from "./spring-chemistry.ts";
import { steamLimit } from "./steam-limit.ts";
import { sulphidation } from "./sulphidation.ts";
import { trappedCavity } from "./trapped-cavity.ts";
import { trimChemistry } from "./trim-chemistry.ts";
import { vacuum } from "./vacuum.ts";
import { wetCarbonDioxide } from "./wet-carbon-dioxide.ts";

export const envelopeRules = [
  bodyClass,
  seatLimit,
  seatTemperature,
  seatHeadroom,
  steamLimit,
  sealantHeat,
  seatStress,
  seatSet,
  sealTemperature,
  adjustableGlandHeat,
  gasketClass,
  gradeMinimum,
  gradeMaximum,
  boltingTemperature,
  trappedCavity,
  fillerSwell,
  lineTest,
  vacuum,
  jacketLimit,
  jacketHeat,
  freezing,
  seatChemistry,
  sealChemistry,
  sealantChemistry,
  bodyChemistry,
  trimChemistry,
  springChemistry,
  coatingChemistry,
  sourBody,
  sourTrim,
  boltingSour,
  boltingMarine,
  chlorideBody,
  chlorideTrim,
  oxygenSeat,
  oxygenBody,
  oxygenTrim,
  oxygenOpening,
  hydrogenBody,
  hydrogenTrim,
  hydrogenTightness,
  lightGasSeat,
  hydrogenAttack,
  sulphidation,
  seawaterCrevice,
  chlorineHeat,
  copperAlloy,
  causticCracking,
  amineCracking,
  carbonateCracking,
  wetCarbonDioxide,
  graphiteSeawater,
  galling,
  abrasion,
  seatLife,
  packingLife,
  decompression,
];
