import { downstream } from "./case/downstream.ts";
import { flowFrom } from "./case/flow-from.ts";
import { caseId } from "./case/id.ts";
import { caseKind } from "./case/kind.ts";
import { mayBeShut } from "./case/may-be-shut.ts";
import { moved } from "./case/moved.ts";
import { caseName } from "./case/name.ts";
import { casePhase } from "./case/phase.ts";
import { rate } from "./case/rate.ts";
import { rateBasis } from "./case/rate-basis.ts";
import { temperature } from "./case/temperature.ts";
import { upstream } from "./case/upstream.ts";
import { vapour } from "./case/vapour.ts";
import { airMaximum } from "./drive/air-maximum.ts";
import { airMinimum } from "./drive/air-minimum.ts";
import { closesWithin } from "./drive/closes-within.ts";
import { coilVoltage } from "./drive/coil-voltage.ts";
import { controlSignal } from "./drive/control-signal.ts";
import { factorSetAside } from "./drive/factor-set-aside.ts";
import { factorSetAsideBecause } from "./drive/factor-set-aside-because.ts";
import { handOverrideAsked } from "./drive/hand-override.ts";
import { limitSwitchesAsked } from "./drive/limit-switches.ts";
import { lowestVoltage } from "./drive/lowest-voltage.ts";
import { motorSupply } from "./drive/motor-supply.ts";
import { oilMaximum } from "./drive/oil-maximum.ts";
import { oilMinimum } from "./drive/oil-minimum.ts";
import { onSupplyLoss } from "./drive/on-supply-loss.ts";
import { opensWithin } from "./drive/opens-within.ts";
import { operator } from "./drive/operator.ts";
import { solenoidsAsked } from "./drive/solenoids.ts";
import { startingCurrent } from "./drive/starting-current.ts";
import { strokesInReserve } from "./drive/strokes-in-reserve.ts";
import { bulkCompressibility } from "./fluid/bulk-compressibility.ts";
import { carbonDioxide } from "./fluid/carbon-dioxide.ts";
import { chlorides } from "./fluid/chlorides.ts";
import { composition } from "./fluid/composition.ts";
import { compressibility } from "./fluid/compressibility.ts";
import { density } from "./fluid/density.ts";
import { expansion } from "./fluid/expansion.ts";
import { serviceFamily } from "./fluid/family.ts";
import { fibres } from "./fluid/fibres.ts";
import { freeWater } from "./fluid/free-water.ts";
import { freezing } from "./fluid/freezing.ts";
import { h2s } from "./fluid/h2s.ts";
import { hazardsOfFluid } from "./fluid/hazards.ts";
import { hydrogen } from "./fluid/hydrogen.ts";
import { isentropicExponent } from "./fluid/isentropic-exponent.ts";
import { fluidName } from "./fluid/name.ts";
import { oxygen } from "./fluid/oxygen.ts";
import { ph } from "./fluid/ph.ts";
import { phase } from "./fluid/phase.ts";
import { hazardsSetAside } from "./fluid/set-aside.ts";
import { setAsideBecause } from "./fluid/set-aside-because.ts";
import { solids } from "./fluid/solids.ts";
import { solidsHard } from "./fluid/solids-hard.ts";
import { strength } from "./fluid/strength.ts";
import { substance } from "./fluid/substance.ts";
import { sulphur } from "./fluid/sulphur.ts";
import { vapourPressure } from "./fluid/vapour-pressure.ts";
import { viscosity } from "./fluid/viscosity.ts";
import { waterDewPoint } from "./fluid/water-dew-point.ts";
import { deadEnd } from "./line/dead-end.ts";
import { endConnection } from "./line/end-connection.ts";
import { fillsWithin } from "./line/fills-within.ts";
import { gap } from "./line/gap.ts";
import { heldVolume } from "./line/held-volume.ts";
import { lineClass } from "./line/line-class.ts";
import { lineTest } from "./line/line-test.ts";
import { pipeBore } from "./line/pipe-bore.ts";
import { pipeMaterial } from "./line/pipe-material.ts";
import { pipeSchedule } from "./line/pipe-schedule.ts";
import { port } from "./line/port.ts";
import { pumpCurve } from "./line/pump-curve.ts";
import { size } from "./line/size.ts";
import { staticHead } from "./line/static-head.ts";
import { upstreamLength } from "./line/upstream-length.ts";
import { onSiteBreak } from "./on-site/break-torque.ts";
import { onSiteConstruction } from "./on-site/construction.ts";
import { onSiteFactorIn } from "./on-site/factor-in.ts";
import { onSite } from "./on-site/on-site.ts";
import {
  onSiteBreakToClose,
  onSiteEndToClose,
  onSiteEndToOpen,
  onSiteRunToClose,
  onSiteRunToOpen,
} from "./on-site/other-points.ts";
import { onSitePad } from "./on-site/pad.ts";
import { onSiteStemAcross, onSiteStemForm, onSiteStemHeight } from "./on-site/stem-end.ts";
import { onSiteStemLimit } from "./on-site/stem-limit.ts";
import { ambientMaximum } from "./site/ambient-maximum.ts";
import { ambientMinimum } from "./site/ambient-minimum.ts";
import { area } from "./site/area.ts";
import { installation } from "./site/installation.ts";
import { jacketPressure } from "./site/jacket-pressure.ts";
import { jacketTemperature } from "./site/jacket-temperature.ts";
import { lagging } from "./site/lagging.ts";
import { neighbour } from "./site/neighbour.ts";
import { stemStands } from "./site/stem-stands.ts";
import { cavityRelief } from "./task/cavity-relief.ts";
import { characteristicAsked } from "./task/characteristic.ts";
import { emissionClass } from "./task/emission-class.ts";
import { equalisingBypass } from "./task/equalising-bypass.ts";
import { fireSafe } from "./task/fire-safe.ts";
import { flowDirection } from "./task/flow-direction.ts";
import { valveFunction } from "./task/function.ts";
import { inLineRepair } from "./task/in-line-repair.ts";
import { integrity } from "./task/integrity.ts";
import { longestShut } from "./task/longest-shut.ts";
import { partialStroke } from "./task/partial-stroke.ts";
import { proofTest } from "./task/proof-test.ts";
import { shutOff } from "./task/shut-off.ts";
import { strokes } from "./task/strokes.ts";

/** Fields of one operating case, in the order people state them. */
export const caseFields = [
  caseId,
  caseKind,
  caseName,
  upstream,
  downstream,
  temperature,
  flowFrom,
  mayBeShut,
  moved,
  casePhase,
  rate,
  rateBasis,
  vapour,
] as const;

/** Fields of a duty that belong to no case, in the order people state them. */
export const dutyFields = [
  size,
  lineClass,
  endConnection,
  pipeSchedule,
  pipeBore,
  pipeMaterial,
  pumpCurve,
  staticHead,
  heldVolume,
  fillsWithin,
  gap,
  onSite,
  onSiteConstruction,
  onSiteBreak,
  onSiteRunToOpen,
  onSiteEndToOpen,
  onSiteBreakToClose,
  onSiteRunToClose,
  onSiteEndToClose,
  onSiteFactorIn,
  onSitePad,
  onSiteStemLimit,
  onSiteStemForm,
  onSiteStemAcross,
  onSiteStemHeight,
  upstreamLength,
  port,
  deadEnd,
  lineTest,
  fluidName,
  substance,
  composition,
  hazardsOfFluid,
  hazardsSetAside,
  setAsideBecause,
  serviceFamily,
  phase,
  density,
  viscosity,
  vapourPressure,
  freezing,
  expansion,
  bulkCompressibility,
  compressibility,
  isentropicExponent,
  h2s,
  hydrogen,
  carbonDioxide,
  chlorides,
  freeWater,
  waterDewPoint,
  strength,
  ph,
  oxygen,
  sulphur,
  solids,
  solidsHard,
  fibres,
  valveFunction,
  characteristicAsked,
  flowDirection,
  shutOff,
  emissionClass,
  fireSafe,
  inLineRepair,
  equalisingBypass,
  cavityRelief,
  longestShut,
  strokes,
  integrity,
  proofTest,
  partialStroke,
  operator,
  onSupplyLoss,
  airMinimum,
  airMaximum,
  oilMinimum,
  oilMaximum,
  lowestVoltage,
  motorSupply,
  startingCurrent,
  factorSetAside,
  factorSetAsideBecause,
  closesWithin,
  opensWithin,
  solenoidsAsked,
  coilVoltage,
  controlSignal,
  limitSwitchesAsked,
  handOverrideAsked,
  strokesInReserve,
  installation,
  lagging,
  neighbour,
  stemStands,
  ambientMinimum,
  ambientMaximum,
  area,
  jacketPressure,
  jacketTemperature,
] as const;
