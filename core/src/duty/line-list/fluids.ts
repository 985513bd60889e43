import { fluidNamed } from "../../basis/reference/fluids.ts";
import { listed } from "../../basis/text/listed.ts";
import { fluidNames, type Phase } from "./fluid-names.ts";
import { plain } from "./lexicon/plain.ts";

export interface ResolvedFluid {
  readonly substance: string | null;
  readonly family: string;
  readonly phase: Phase;
  /** From 0 to 1. */
  readonly confidence: number;
  /** The words it was known by. */
  readonly by: string;
}

type Entry = Omit<ResolvedFluid, "confidence" | "by">;

const named = new Map<string, Entry>(
  fluidNames.flatMap(([names, substance, family, phase = null]) =>
    listed(names).map((name): [string, Entry] => [
      plain(name),
      { substance, family: family ?? fluidNamed(substance!)!.family, phase },
    ]),
  ),
);
const byLength = [...named.keys()].sort((a, b) => b.length - a.length);

/** Words beside a fluid's name that do not change the fluid. */
const beside =
  /^(supply|return|header|to|from|and|&|of|the|feed|line|system|inlet|outlet|drain|vent|hot|cold|dry|clean|pure|high|low|medium|pressure|hp|lp|mp|vorlauf|rücklauf|rucklauf|ruecklauf|leitung|zu|zur|von|aller|retour|de|du|des|la|le|suministro|retorno|mandata|ritorno|di|da|per|aanvoer|naar|van|toevoer|gas|gasförmig|liquid|vapour|vapor|\d+(%|barg?|psig?)?)$/;
/** Words that make it a different fluid, or cancel "sweet": then nothing is guessed. */
const otherwise =
  /\b(sour|waste|oily|foul|spent|contaminated|slop|slops|sludge|slurry|abwasser|schmutzwasser|usees?|residual(es)?|reflue?|afvalwater|wet|mixed|mixture|mix|or|oder|ou|solution of)\b/;

const phaseSaid = (words: string): Phase =>
  /\b(gas|vapou?r|gaz|gasf\w*)\b/.test(words)
    ? "gas"
    : /\b(liquid|liq|flussig|fluessig|liquide|liquido)\b/.test(words)
      ? "liquid"
      : null;

/**
 * The substance or family a fluid's name means, as line lists write it.
 *
 * @param name as written, in any language
 * @returns meaning and confidence; null where the name is not known or could mean a worse fluid
 * @source names of the trade
 * @example resolveFluid("Cooling water return").substance // → "water"
 */
export function resolveFluid(name: string): ResolvedFluid | null {
  let found = resolved.get(name);
  if (found === undefined) {
    found = resolve(name);
    if (resolved.size === mostHeld) resolved.clear();
    resolved.set(name, found);
  }
  return found;
}

const mostHeld = 5000;
/** Lists name the same few fluids over and over. */
const resolved = new Map<string, ResolvedFluid | null>();

function resolve(name: string): ResolvedFluid | null {
  const words = plain(name.replace(/\([^)]*\)/g, " "));
  const whole = named.get(words);
  if (whole) return { ...whole, confidence: 1, by: words };
  const padded = ` ${words} `;
  const phrase = byLength.find((p) => padded.includes(` ${p} `));
  if (phrase === undefined || otherwise.test(words)) return null;
  const rest = padded.replace(` ${phrase} `, " ").trim().split(" ").filter(Boolean);
  // A second fluid is named beside it, so the meaning is ambiguous.
  if (
    byLength.some(
      (p) =>
        p.length > 1 &&
        ` ${rest.join(" ")} `.includes(` ${p} `) &&
        named.get(p)!.family !== named.get(phrase)!.family,
    )
  )
    return null;
  const strange = rest.filter((word) => !beside.test(word)).length;
  const entry = named.get(phrase)!;
  return {
    ...entry,
    phase: entry.phase ?? phaseSaid(words),
    confidence: strange === 0 ? 0.9 : strange === 1 ? 0.7 : 0.55,
    by: phrase,
  };
}
