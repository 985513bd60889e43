import { accumulator } from "./accumulator.ts";
import { areaAmbient } from "./area-ambient.ts";
import { areaDust } from "./area-dust.ts";
import { areaDustGroup } from "./area-dust-group.ts";
import { areaDustSurface } from "./area-dust-surface.ts";
import { areaGas } from "./area-gas.ts";
import { areaGasGroup } from "./area-gas-group.ts";
import { areaGasSurface } from "./area-gas-surface.ts";
import { driveLife } from "./drive-life.ts";
import { driveTemperature } from "./drive-temperature.ts";
import { dutyClass } from "./duty-class.ts";
import { enclosure } from "./enclosure.ts";
import { failAction } from "./fail-action.ts";
import { filterRegulator } from "./filter-regulator.ts";
import { fittingsHeat } from "./fittings-heat.ts";
import { gearboxRating } from "./gearbox-rating.ts";
import { handOverride } from "./hand-override.ts";
import { integrityAction } from "./integrity-action.ts";
import { integrityChannels } from "./integrity-channels.ts";
import { integrityDemand } from "./integrity-demand.ts";
import { integrityFactor } from "./integrity-factor.ts";
import { leverLength } from "./lever-length.ts";
import { leverPipe } from "./lever-pipe.ts";
import { limitSwitches } from "./limit-switches.ts";
import { lineGas } from "./line-gas.ts";
import { lockable } from "./lockable.ts";
import { modulating } from "./modulating.ts";
import { motorHeater } from "./motor-heater.ts";
import { motorProtection } from "./motor-protection.ts";
import { motorSupply } from "./motor-supply.ts";
import { oxygenTime } from "./oxygen-time.ts";
import { partialStrokeDevice } from "./partial-stroke-device.ts";
import { positioner } from "./positioner.ts";
import { selfLocking } from "./self-locking.ts";
import { solenoidValve } from "./solenoid-valve.ts";
import { springSide } from "./spring-side.ts";
import { startingCurrent } from "./starting-current.ts";
import { startsPerHour } from "./starts-per-hour.ts";
import { stemLimit } from "./stem-limit.ts";
import { stemThrust } from "./stem-thrust.ts";
import { strength } from "./strength.ts";
import { strokeKind } from "./stroke-kind.ts";
import { closingTime, openingTime } from "./stroke-times.ts";
import { strokesInReserve } from "./strokes-in-reserve.ts";
import { supplyRating } from "./supply-rating.ts";
import { surge } from "./surge.ts";
import { touchHeat } from "./touch-heat.ts";
import { travelStops } from "./travel-stops.ts";
import { voltage } from "./voltage.ts";
import { wheelTurns } from "./wheel-turns.ts";

export const driveRules = [
  strokeKind,
  failAction,
  stemLimit,
  stemThrust,
  strength,
  supplyRating,
  driveTemperature,
  areaAmbient,
  fittingsHeat,
  driveLife,
  leverLength,
  leverPipe,
  touchHeat,
  lockable,
  wheelTurns,
  gearboxRating,
  selfLocking,
  lineGas,
  accumulator,
  voltage,
  startsPerHour,
  modulating,
  enclosure,
  areaGas,
  areaGasGroup,
  areaGasSurface,
  areaDust,
  areaDustGroup,
  areaDustSurface,
  closingTime,
  openingTime,
  oxygenTime,
  surge,
  springSide,
  integrityFactor,
  integrityAction,
  integrityDemand,
  integrityChannels,
  filterRegulator,
  solenoidValve,
  positioner,
  limitSwitches,
  partialStrokeDevice,
  strokesInReserve,
  handOverride,
  travelStops,
  motorSupply,
  startingCurrent,
  dutyClass,
  motorHeater,
  motorProtection,
];
