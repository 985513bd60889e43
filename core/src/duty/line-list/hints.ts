/** Words with a meaning for the duty, their subject, and the value they imply where it is clear. */
export interface Hint {
  readonly words: RegExp;
  readonly field: string;
  readonly value: unknown;
  readonly says: string;
}

export const hints: readonly Hint[] = [
  {
    words:
      /\b(throttl\w*|modulat\w*|control valve|regulat\w*|drossel\w*|regel(ung|n|armatur|ventil)\w*|estrangul\w*|laminaz\w*|smoren)\b/i,
    field: "function",
    value: ["throttling"],
    says: "Throttling is mentioned. State the function so that seat and torque are examined for it.",
  },
  {
    words:
      /\b(steam(ed|ing)?[- ]?out|steam clean\w*|aus(ge)?d[aä]e?mpf\w*|purge vapeur|vaporis\w*|vaporiza\w*|uitstomen)\b/i,
    field: "cases",
    value: "steam-out",
    says: "Steam-out is mentioned. Add the case so that the seat is examined for it.",
  },
  {
    words: /\b(sour|h2s|nace|mr ?0?175|sauergas|ácido sulfhídrico|zuurgas)\b/i,
    field: "fluid.h2sKPa",
    value: null,
    says: "Sour service is mentioned. State the partial pressure of H₂S.",
  },
  {
    words:
      /\b(sand|solids|abrasiv\w*|erosi\w*|slurry|catalyst|fines|grit|feststoff\w*|schlamm|sable|arena|sabbia|areia|zand)\b/i,
    field: "fluid.solidsHard",
    value: true,
    says: "Hard solids are mentioned. State them, because they wear seats and raise the torque.",
  },
  {
    words:
      /\b(emergency|esd|esdv|sdv|shut[- ]?down|notabsperr\w*|not-?aus|urgence|emergencia|emergenza|emerg[eê]ncia|noodstop)\b/i,
    field: "function",
    value: ["emergency shut-down"],
    says: "An emergency function is mentioned. State it, because it raises the service factor.",
  },
  {
    words:
      /\b(oxygen clean\w*|o2 clean\w*|degrease\w*|oil[- ]?free|[oö]l- und fettfrei|fettfrei|sauerstoff|d[eé]graiss\w*|desengras\w*|sgrassat\w*|vetvrij)\b/i,
    field: "fluid.hazards",
    value: ["oxygen"],
    says: "Cleaning for oxygen is mentioned. State the hazard if the fluid is oxygen.",
  },
  {
    words:
      /\b(buried|underground|below ground|u\/g|erdverlegt|erdeinbau|enterr\w*|interrat\w*|soterrad\w*|ondergronds)\b/i,
    field: "installation",
    value: "buried",
    says: "A buried valve is mentioned. State it, because it needs a stem extension and piped fittings.",
  },
  {
    words: /\b(offshore|topsides?|marine|coastal)\b/i,
    field: "installation",
    value: "marine air",
    says: "Marine air is mentioned. State it, because marine air corrodes bolting.",
  },
  {
    words:
      /\b(fire[- ]?safe|fire[- ]?tested|api ?607|api ?6fa|iso ?10497|feuersicher|s[eé]curit[eé] feu|a prueba de fuego)\b/i,
    field: "fireSafe",
    value: true,
    says: "A fire test is mentioned.",
  },
  {
    words:
      /\b(full[- ]?(bore|port)|piggable|pigging|molchbar|passage int[eé]gral|paso total|passaggio totale|volle doorlaat)\b/i,
    field: "port",
    value: "full",
    says: "A full bore is mentioned.",
  },
  {
    words: /\b(bi-?directional|both directions|beidseitig|bidirec\w*|bidirez\w*)\b/i,
    field: "flowDirection",
    value: "both ways",
    says: "Sealing from both sides is mentioned.",
  },
  {
    words: /\b(dead[- ]?end|end of line|endarmatur|fin de ligne|fin de linea|fine linea)\b/i,
    field: "deadEnd",
    value: true,
    says: "Dead-end service is mentioned.",
  },
  {
    words: /\b(dbb|db&b|double block)\b/i,
    field: "function",
    value: ["double block and bleed"],
    says: "Double block and bleed is mentioned. State it so that the barriers are examined.",
  },
  {
    words: /\b(lethal|t[oö]dlich|mortel|letal\w*)\b/i,
    field: "fluid.hazards",
    value: ["lethal"],
    says: "A lethal fluid is mentioned.",
  },
  {
    words: /\b(toxic|giftig|toxique|t[oó]xic\w*|tossic\w*)\b/i,
    field: "fluid.hazards",
    value: ["toxic"],
    says: "A toxic fluid is mentioned.",
  },
  {
    words: /\b(polymeri[sz]\w*|polymerisier\w*|crystalli[sz]\w*|kristallisier\w*)\b/i,
    field: "fluid.hazards",
    value: null,
    says: "A solidifying fluid is mentioned. State whether it polymerises or crystallises.",
  },
  {
    words:
      /\b(seldom|rarely|once a year|months? (closed|shut)|normally (closed|shut)|selten|rarement|raramente|zelden)\b/i,
    field: "longestShutDays",
    value: null,
    says: "Long closure is mentioned. State the number of days, because the breakaway torque grows.",
  },
  {
    words: /\b(frequent\w*|cycling|cycles? per|strokes? per|haeufig|häufig)\b/i,
    field: "strokesPerYear",
    value: null,
    says: "Frequent operation is mentioned. State the strokes per year.",
  },
  {
    words: /\b(jacketed|steam jacket|heizmantel|double enveloppe|camicia|encamisad\w*)\b/i,
    field: "jacketC",
    value: null,
    says: "A jacket is mentioned. State its temperature and pressure.",
  },
  {
    words: /\b(cavity (relief|vent)|vented ball|relief hole)\b/i,
    field: "cavityRelief",
    value: null,
    says: "Cavity relief is mentioned. State whether it is piped.",
  },
  {
    words: /\b(fugitive|low emission|ta-?luft|iso ?15848)\b/i,
    field: "emissionClass",
    value: null,
    says: "Stem tightness is mentioned. State the class.",
  },
  {
    words: /\b(in[- ]?line (repair|maint\w*)|top[- ]entry)\b/i,
    field: "inLineRepair",
    value: true,
    says: "In-line repair is mentioned.",
  },
  {
    words: /\b(fibres?|fibers?|pulp|fasern)\b/i,
    field: "fluid.fibres",
    value: true,
    says: "Fibres are mentioned.",
  },
];
