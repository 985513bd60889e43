import { antiStatic } from "./anti-static.ts";
import { ballStops } from "./ball-stops.ts";
import { barriers } from "./barriers.ts";
import { blowOutProofStem } from "./blow-out-proof-stem.ts";
import { bonnetExtension } from "./bonnet-extension.ts";
import { buriedExtension } from "./buried-extension.ts";
import { buriedJoints } from "./buried-joints.ts";
import { cavityDrain } from "./cavity-drain.ts";
import { clearance } from "./clearance.ts";
import { controlTrimIsolation } from "./control-trim-isolation.ts";
import { crystallisingCavity } from "./crystallising-cavity.ts";
import { deadEnd } from "./dead-end.ts";
import { decomposingCavity } from "./decomposing-cavity.ts";
import { dirtyService } from "./dirty-service.ts";
import { discClash } from "./disc-clash.ts";
import { diverting } from "./diverting.ts";
import { doubleIsolation } from "./double-isolation.ts";
import { doublePistonRelief } from "./double-piston-relief.ts";
import { emergencyGrip } from "./emergency-grip.ts";
import { emergencySpeed } from "./emergency-speed.ts";
import { emissionClass } from "./emission-class.ts";
import { endConnection } from "./end-connection.ts";
import { fibres } from "./fibres.ts";
import { fireSafe } from "./fire-safe.ts";
import { floatingSizeBorder } from "./floating-size-border.ts";
import { fullPort } from "./full-port.ts";
import { hygienicCavity } from "./hygienic-cavity.ts";
import { hygienicMaterial } from "./hygienic-material.ts";
import { inLineRepair } from "./in-line-repair.ts";
import { jacketOffered } from "./jacket-offered.ts";
import { jointBolting } from "./joint-bolting.ts";
import { leakPaths } from "./leak-paths.ts";
import { lowDifferential } from "./low-differential.ts";
import { polymerisingCavity } from "./polymerising-cavity.ts";
import { reliefDirection } from "./relief-direction.ts";
import { ringJoint } from "./ring-joint.ts";
import { sealingDirection } from "./sealing-direction.ts";
import { seatClogging } from "./seat-clogging.ts";
import { shutOff } from "./shut-off.ts";
import { sizeOffered } from "./size-offered.ts";
import { stemSealSchool } from "./stem-seal-school.ts";
import { stemSealToxic } from "./stem-seal-toxic.ts";
import { stillMade } from "./still-made.ts";
import { threadedEnds } from "./threaded-ends.ts";
import { throttling } from "./throttling.ts";

export const bodyRules = [
  sizeOffered,
  stillMade,
  floatingSizeBorder,
  endConnection,
  threadedEnds,
  ringJoint,
  fullPort,
  sealingDirection,
  diverting,
  barriers,
  doubleIsolation,
  reliefDirection,
  doublePistonRelief,
  shutOff,
  clearance,
  lowDifferential,
  inLineRepair,
  jointBolting,
  throttling,
  controlTrimIsolation,
  emergencySpeed,
  emergencyGrip,
  dirtyService,
  fibres,
  seatClogging,
  polymerisingCavity,
  decomposingCavity,
  crystallisingCavity,
  hygienicCavity,
  hygienicMaterial,
  cavityDrain,
  deadEnd,
  discClash,
  antiStatic,
  blowOutProofStem,
  fireSafe,
  ballStops,
  bonnetExtension,
  buriedExtension,
  buriedJoints,
  jacketOffered,
  leakPaths,
  emissionClass,
  stemSealToxic,
  stemSealSchool,
];
