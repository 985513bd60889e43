import type { Hazard } from "../../duty/fields/words.ts";
import { attacksCopper, explodesWithCopper } from "../../duty/settling/copper.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { type ShopStep, step } from "./step.ts";

const hazardCautions: Partial<Record<Hazard, string>> = {
  flammable: "The released fluid is flammable. Keep out flames and sparks. Earth the valve body.",
  toxic:
    "The released fluid is toxic. Use breathing apparatus, a stand-by person and an upwind escape route.",
  lethal:
    "One breath of the fluid can kill. Never work alone. Open nothing until a gas test proves the valve free of the fluid.",
  oxygen:
    "Oil and dirt ignite in oxygen. Use degreased tools and clean gloves. Use only lubricant approved for oxygen.",
  hydrogen:
    "Hydrogen burns with an invisible flame. Treat every leak as burning until a test proves otherwise.",
  polymerises:
    "Solidified product behind the seats can hold pressure. Treat the cavity as pressurised until the joint is open.",
  decomposes:
    "The fluid gives off gas wherever it is shut in. Keep a vent open until body and cavity are flushed with water.",
  crystallises:
    "Solidified product behind the seats can hold pressure. Treat the cavity as pressurised until the joint is open.",
};

const copperCaution = (fluid: string): string =>
  explodesWithCopper(fluid)
    ? `Copper and ${fluid} form an explosive compound. Use no tools, wire, gaskets or paste that contain copper or brass.`
    : `Copper alloys crack in ${fluid}. Use no brass tools and no copper paste: residue stays in the valve.`;

const hotFromC = 60;
const coldToC = -10;
/** Metal that a hand can hold. */
const touchableC = 50;

const supplyWords = {
  pneumatic: "Isolate and vent the actuator's air supply. Disconnect the tubing and the signal.",
  electric: "Isolate the actuator's power and signal. Prove them dead. Disconnect them.",
  hydraulic: "Isolate the hydraulic supply. Depressurise the accumulator. Disconnect both lines.",
  "by hand": "The valve has a manual operator. Lock it.",
  "line gas": "Isolate the actuator's gas supply at the line. Vent the gas tanks. Disconnect them.",
} as const;

/** Highest and lowest figure of the cases, where any states it. */
const ends = (figures: readonly (number | null)[]) => {
  const known = figures.filter((f) => f !== null);
  return known.length === 0 ? null : { least: Math.min(...known), most: Math.max(...known) };
};

const hasUnventedCavity = ({ construction, line }: Valve) => construction.holdsCavity && !line.ventAndDrain;

/** Empties the cavity through its vent, or into the line if it has none. */
function cavitySteps(valve: Valve): ShopStep[] {
  const { construction, cavity } = valve;
  if (!construction.holdsCavity) return [];
  const trapped = cavity.trapsLiquid
    ? ["This seat arrangement traps liquid. When warmed, the liquid can far exceed the line pressure."]
    : [];
  if (hasUnventedCavity(valve))
    return [
      step(
        "make safe",
        "The cavity has no vent. With both sides depressurised, turn the valve half open so that the cavity empties into the line. Close it. Turn it half open again.",
        {
          cautions: [
            "The cavity can still hold pressure and product, whatever the gauge shows. Treat it as pressurised until the body joint is open.",
            ...trapped,
          ],
        },
      ),
    ];
  return [
    step(
      "make safe",
      "Vent the cavity with the valve closed. Turn the valve half open and vent the cavity again.",
      {
        cautions: [
          "The cavity can still hold pressure and product, whatever the gauge shows. Treat it as pressurised until nothing more comes out at either venting.",
          ...trapped,
        ],
        at: "shut",
      },
    ),
  ];
}

/** Time to cool or to warm up, if a case is that hot or that cold. */
function temperatureSteps(heat: ReturnType<typeof ends>): ShopStep[] {
  const steps: ShopStep[] = [];
  if (heat !== null && heat.most > hotFromC)
    steps.push(
      step("make safe", "Let the valve cool before you touch it. Measure the surface temperature.", {
        figures: [
          { what: "highest temperature of the duty", value: heat.most, unit: "°C" },
          { what: "surface temperature to start work, at most", value: touchableC, unit: "°C" },
        ],
        cautions: [
          "Hot metal and hot residue burn skin. Wear heat-resistant gloves until the temperature is measured.",
        ],
      }),
    );
  if (heat !== null && heat.least < coldToC)
    steps.push(
      step("make safe", "Let the valve warm up by itself before you loosen any joint. Do not heat it.", {
        figures: [{ what: "lowest temperature of the duty", value: heat.least, unit: "°C" }],
        cautions: [
          "Cold metal tears skin off, and trapped liquid expands as it warms. Wear insulated gloves and leave the vents open.",
        ],
      }),
    );
  return steps;
}

/** Supply isolated, actuator proved at rest, warning of springs; nothing for a bare stem. */
function driveSteps(drive: Drive | null): ShopStep[] {
  if (drive === null) return [];
  return [
    step("make safe", supplyWords[kindOf(drive.family).supply], {
      cautions: [
        "If the supply returns, the valve turns and can amputate fingers. Lock the supply off. Keep hands out of the bore.",
      ],
    }),
    step(
      "make safe",
      "Check that the actuator is at rest in its fail position and that no load remains on the stem.",
      {
        figures: [{ what: "on loss of supply the valve", value: drive.onSupplyLoss, unit: "" }],
        cautions:
          drive.springSet === null
            ? []
            : ["Springs under load. They can eject and kill. Never open the spring housing."],
      },
    ),
  ];
}

/**
 * Steps before a valve is touched.
 *
 * @param valve its construction and arrangement
 * @param drive its actuator; null for a bare stem
 * @param duty settled duty: pressures, temperatures, hazards
 * @param inLine whether the valve stays in the line
 * @returns steps: isolate, vent line and cavity, drain, purge, lock and tag, disconnect the drive
 * @source practice; the site's permit and the owner's procedures prevail
 */
export function makeSafe(valve: Valve, drive: Drive | null, duty: SettledDuty, inLine: boolean): ShopStep[] {
  const pressure = ends(duty.cases.map((c) => c.pressureBarG));
  const heat = ends(duty.cases.filter((c) => c.kind !== "fire").map((c) => c.temperatureC));
  const copper = attacksCopper(duty);
  const hazards = [
    ...[...duty.hazards].flatMap((h) => hazardCautions[h] ?? []),
    ...(copper === null ? [] : [copperCaution(copper)]),
  ];
  const steps = [
    step(
      "make safe",
      "Get the work permit. At the valve, check that the tag number and service on the plate match the permit.",
      {
        cautions: [...new Set(hazards)],
      },
    ),
    step("make safe", "Isolate the line on both sides. Lock and tag the isolation.", {
      figures:
        pressure === null
          ? []
          : [{ what: "highest pressure of the duty", value: pressure.most, unit: "bar g" }],
    }),
    step("make safe", "Depressurise both sides through the vents provided.", {
      cautions: ["Vents, glands and fittings can eject under pressure and kill. Stand to one side of them."],
    }),
  ];
  steps.push(...cavitySteps(valve));
  const unvented = hasUnventedCavity(valve);
  const drained = unvented
    ? "Drain the line on both sides, with the valve half open"
    : "Drain the valve at its lowest point";
  steps.push(
    step(
      "make safe",
      duty.hazards.size > 0
        ? `${drained}. Then flush or purge it until a test proves it free of the fluid.`
        : `${drained}.`,
      {
        look: unvented ? ["no drain: the liquid at its lowest point comes out when the body is opened"] : [],
      },
    ),
  );
  steps.push(...temperatureSteps(heat));
  steps.push(...driveSteps(drive));
  if (!inLine)
    steps.push(
      step(
        "make safe",
        "Support the valve and remove it from the line. Keep hands clear of the bore and seats.",
      ),
    );
  return steps;
}
