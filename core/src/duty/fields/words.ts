/** The words a duty is stated in: every choice a person picks from. */
export const caseKinds = [
  "normal",
  "maximum",
  "minimum",
  "start-up",
  "shut-off differential",
  "steam-out",
  "blow-down",
  "upset",
  "cold soak",
  "fire",
] as const;
export const valveFunctions = [
  "on-off isolation",
  "double block and bleed",
  "double isolation, one way",
  "double isolation, both ways",
  "throttling",
  "emergency shut-down",
  "diverting",
] as const;
export const flowDirections = ["one way", "both ways"] as const;
export const phases = ["liquid", "gas", "dense phase", "steam", "two-phase"] as const;
export const endConnections = [
  "flanged RF",
  "flanged RTJ",
  "threaded",
  "socket-weld",
  "butt-weld",
  "wafer",
  "lug",
] as const;
export const operators = [
  "pneumatic",
  "electric",
  "hydraulic",
  "line gas",
  "by hand",
  "any",
  "bare stem",
] as const;
export const integrityLevels = ["none", "SIL 1", "SIL 2", "SIL 3"] as const;
export const supplyLossActions = ["closes", "opens", "stays"] as const;
export const shutOffRates = ["A", "AA", "B", "C", "CC", "D", "E", "EE", "F", "G"] as const;
/** Classes of IEC 60534-4 that are tested, the least tight first. */
export const shutOffClasses = ["class II", "class III", "class IV", "class V", "class VI"] as const;
export const shutOffPromises = [...shutOffRates, ...shutOffClasses] as const;
export type ShutOff = (typeof shutOffPromises)[number];
export const hazards = [
  "flammable",
  "toxic",
  "lethal",
  "oxygen",
  "hydrogen",
  "polymerises",
  "crystallises",
  "decomposes",
  "hygienic",
] as const;
/** Metals of a pipe, by their names in the reference tables. */
export const pipeMaterials = [
  "carbon steel",
  "low-temperature carbon steel",
  "1¼Cr–½Mo steel",
  "austenitic 304",
  "austenitic 316",
  "22Cr duplex",
  "25Cr super duplex",
  "6Mo austenitic",
  "alloy 400",
  "alloy 625 or C-276",
  "titanium",
] as const;
/** Why the torque demand is higher than the table, besides scatter between valves. */
export const factorReasons = [
  "emergency",
  "throttling",
  "dry gas",
  "solids",
  "seldom moved",
  "cold",
  "heat",
  "fluid that sets",
] as const;
export type FactorReason = (typeof factorReasons)[number];
/** Direction of the valve's stem, seen from its body. */
export const stemAttitudes = ["upright", "horizontal", "hanging"] as const;
export const installations = ["indoor", "outdoor", "marine air", "buried"] as const;
export const ports = ["full", "reduced accepted", "double-reduced accepted"] as const;
/** Tightness of the stem seal to the outside, the tightest first. */
export const emissionClasses = ["A", "B", "C"] as const;
/** Basis of a flow rate. */
export const flowBases = ["m³/h", "Nm³/h", "kg/h"] as const;

export type Hazard = (typeof hazards)[number];
export type ValveFunction = (typeof valveFunctions)[number];
export type CaseKind = (typeof caseKinds)[number];

/** How the coefficient of a trim rises with its opening. */
export const characteristics = ["equal percentage", "linear", "quick opening"] as const;
