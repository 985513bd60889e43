import type { Hazard } from "../../duty/fields/words.ts";
import { attacksCopper, explodesWithCopper } from "../../duty/settling/copper.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { type ShopStep, step } from "./step.ts";

const hazardCautions: Partial<Record<Hazard, string>> = {
  flammable: "What comes out burns: no flame, no spark, earth the body.",
  toxic: "What comes out poisons: breathing apparatus, somebody at the gate, and a way out of the wind.",
  lethal:
    "A breath of it can kill: nobody works alone, and nothing is opened before it is proved free of it.",
  oxygen: "Oil and dirt ignite in oxygen: clean tools, clean gloves, no grease but what is allowed for it.",
  hydrogen: "Hydrogen burns without a flame that is seen.",
  polymerises: "What is left behind the seats may have set and still hold pressure.",
  crystallises: "What is left behind the seats may have set and still hold pressure.",
};

const copperCaution = (fluid: string): string =>
  explodesWithCopper(fluid)
    ? `Copper and ${fluid} make a compound that explodes: no tool, wire, gasket or paste with copper or brass in it.`
    : `Copper alloys crack in ${fluid}: no tool of brass and no copper paste, of which something stays in the valve.`;

const hotFromC = 60;
const coldToC = -10;

const supplyWords = {
  pneumatic: "Shut off and vent its air, and disconnect tube and signal.",
  electric: "Isolate its power and signal, prove them dead, and disconnect them.",
  hydraulic: "Shut off its oil, let its accumulator down, and disconnect both lines.",
  "by hand": "Nothing drives it but a hand.",
  "line gas": "Shut off its gas at the line, vent its bottles, and disconnect them.",
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
    ? ["This arrangement traps liquid: warmed, it stands far above the line's pressure."]
    : [];
  if (hasUnventedCavity(valve))
    return [
      step(
        "make safe",
        "Its cavity has no vent: with both sides at zero turn it half open, so that it empties into the line, shut it, and turn it half open once more.",
        {
          cautions: [
            "Take the cavity to hold pressure and product until its joint has cracked open, whatever a gauge says.",
            ...trapped,
          ],
        },
      ),
    ];
  return [
    step("make safe", "Vent the cavity with the valve shut, then turn it half open and vent it again.", {
      cautions: [
        "Take the cavity to hold pressure and product until both ventings were quiet, whatever a gauge says.",
        ...trapped,
      ],
      at: "shut",
    }),
  ];
}

/** Time to cool or to warm up, if a case is that hot or that cold. */
function temperatureSteps(heat: ReturnType<typeof ends>): ShopStep[] {
  const steps: ShopStep[] = [];
  if (heat !== null && heat.most > hotFromC)
    steps.push(
      step("make safe", "Let it cool until a hand can stay on it.", {
        figures: [{ what: "it may be as hot as", value: heat.most, unit: "°C" }],
        cautions: ["Hot metal and hot residue burn."],
      }),
    );
  if (heat !== null && heat.least < coldToC)
    steps.push(
      step("make safe", "Let it warm up by itself before a joint is touched.", {
        figures: [{ what: "it may be as cold as", value: heat.least, unit: "°C" }],
        cautions: ["Cold metal takes the skin off, and what is trapped grows as it warms: leave vents open."],
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
        "A drive that gets its supply back shears a finger: lock it off, and keep hands out of the bore.",
      ],
    }),
    step(
      "make safe",
      "Prove that the drive stands at rest where it goes without its supply, and that no load is left on the stem.",
      {
        figures: [{ what: "without its supply it", value: drive.onSupplyLoss, unit: "" }],
        cautions:
          drive.springSet === null
            ? []
            : ["It holds wound springs: never open the spring side, whatever it weighs."],
      },
    ),
  ];
}

/**
 * What has to be done before a valve is touched.
 *
 * @param valve its construction and arrangement
 * @param drive what turns it; null for a bare stem
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
      "Take the permit, and read it at the valve: number and service on the tag plate are the ones on it.",
      {
        cautions: [...new Set(hazards)],
      },
    ),
    step("make safe", "Isolate the line on both sides, lock and tag the isolation.", {
      figures: pressure === null ? [] : [{ what: "it may have held", value: pressure.most, unit: "bar g" }],
    }),
    step("make safe", "Take the pressure off both sides, through vents that are made for it.", {
      cautions: ["Stand aside of vents, gland and fittings: they may eject under pressure."],
    }),
  ];
  steps.push(...cavitySteps(valve));
  const unvented = hasUnventedCavity(valve);
  const drained = unvented
    ? "Drain the line on both sides, with the valve half open"
    : "Drain it at its lowest point";
  steps.push(
    step(
      "make safe",
      duty.hazards.size > 0
        ? `${drained}, then flush or purge it until a test proves it free.`
        : `${drained}.`,
      {
        look: unvented
          ? ["it has no drain: what stands in its lowest point comes out when it is opened"]
          : [],
      },
    ),
  );
  steps.push(...temperatureSteps(heat));
  steps.push(...driveSteps(drive));
  if (!inLine)
    steps.push(
      step(
        "make safe",
        "Support the valve, then take it out of the line with its seats shut off from hands.",
      ),
    );
  return steps;
}
