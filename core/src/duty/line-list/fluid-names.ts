export type Phase = "liquid" | "gas" | "steam" | null;

/** Meaning of a name: a substance of the table or only its family, and a phase where the name implies one. */
export type FluidName = readonly [
  names: string,
  substance: string | null,
  family: string | null,
  phase?: Phase,
];

/** Names as line lists carry them, in every language, parted by commas. A family is the substance's own where null. */
export const fluidNames: readonly FluidName[] = [
  [
    `
      water, plant water, cooling water, cw, cws, cwr, chilled water, potable water, drinking water,
      demin water, demineralised water, demineralized water, di water, service water, utility water,
      raw water, fresh water, fire water, firewater, process water, wash water, h2o, wasser, kühlwasser,
      kuehlwasser, trinkwasser, betriebswasser, prozesswasser, löschwasser, deionat, vollentsalztes wasser,
      ve-wasser, eau, eau de refroidissement, eau potable, eau industrielle, eau brute, eau incendie,
      eau demineralisee, agua, agua de refrigeracion, agua de enfriamiento, agua potable,
      agua contra incendio, agua desmineralizada, acqua, acqua di raffreddamento, acqua potabile,
      acqua industriale, acqua demi, acqua antincendio, água, agua de resfriamento, agua de incendio,
      koelwater, drinkwater, proceswater, bluswater, demiwater`,
    "water",
    null,
    "liquid",
  ],
  [
    `
      hot water, heating water, boiler feed water, boiler feedwater, bfw, feed water, feedwater,
      steam condensate, hot condensate, heisswasser, heißwasser, kesselspeisewasser, speisewasser,
      heizwasser, dampfkondensat, eau chaude, eau surchauffee, eau alimentaire, eau d'alimentation chaudiere,
      condensat vapeur, agua caliente, agua de alimentacion, agua de calderas, condensado de vapor,
      acqua calda, acqua surriscaldata, acqua alimento, condensa vapore, agua quente, agua de caldeira,
      heet water, ketelvoedingwater, stoomcondensaat`,
    "hot-water",
    null,
    "liquid",
  ],
  [
    `
      steam, lp steam, mp steam, hp steam, low pressure steam, medium pressure steam, high pressure steam,
      live steam, saturated steam, superheated steam, lps, mps, hps, dampf, wasserdampf, nd-dampf, md-dampf,
      hd-dampf, frischdampf, sattdampf, heissdampf, heizdampf, vapeur, vapeur d'eau, vapeur bp, vapeur mp,
      vapeur hp, vapor de agua, vapor de baja, vapor de media, vapor de alta, vapore, vapore acqueo,
      vapore bp, vapore mp, vapore ap, vapor d'agua, stoom, lagedrukstoom, hogedrukstoom`,
    "steam",
    null,
    "steam",
  ],
  [
    `
      seawater, sea water, salt water, meerwasser, seewasser, eau de mer, agua de mar, acqua di mare,
      agua do mar, zeewater`,
    "seawater",
    null,
    "liquid",
  ],
  [
    `
      produced water, formation water, produktionswasser, eau de production, agua de produccion,
      agua producida, acqua di produzione, agua produzida, productiewater`,
    "produced-water",
    null,
    "liquid",
  ],
  ["brine, sole, saumure, salmuera, salamoia, salmoura, pekel", null, "seawater and brine", "liquid"],
  [
    `
      air, instrument air, inst air, plant air, utility air, service air, compressed air, ia, luft,
      druckluft, instrumentenluft, steuerluft, air instrument, air comprime, air service, aire,
      aire de instrumentos, aire comprimido, aire de planta, aria, aria strumenti, aria compressa,
      aria servizi, ar comprimido, ar de instrumento, ar de instrumentos, ar de servico, instrumentlucht,
      perslucht, werklucht`,
    "air",
    null,
    "gas",
  ],
  [
    "nitrogen, n2, gan, nitrogen gas, stickstoff, azote, nitrogeno, azoto, nitrogenio, stikstof",
    "nitrogen",
    null,
    "gas",
  ],
  ["oxygen, o2, gox, sauerstoff, oxygene, oxigeno, ossigeno, oxigenio, zuurstof", "oxygen", null, "gas"],
  [
    `
      hydrogen, h2, hydrogen gas, make-up hydrogen, recycle hydrogen, wasserstoff, hydrogene, hidrogeno,
      idrogeno, hidrogenio, waterstof`,
    "hydrogen",
    null,
    "gas",
  ],
  ["argon", "argon", null, "gas"],
  [
    `
      natural gas, fuel gas, sales gas, export gas, dry gas, lean gas, ng, erdgas, brenngas, heizgas,
      gaz naturel, gaz combustible, gas natural, gas combustible, gas naturale, gas metano, gas combustibile,
      aardgas, stookgas, brandgas`,
    "natural-gas",
    null,
    "gas",
  ],
  ["methane, ch4, methan, metano, methaan", "methane", null, "gas"],
  ["ethane, c2h6, ethan, etano, ethaan", "ethane", null, null],
  ["propane, c3h8, propan, propano, propaan", "propane", null, null],
  ["n-butane, butane, butan, butano, butaan", "n-butane", null, null],
  ["isobutane, i-butane, isobutan, isobutano", "isobutane", null, null],
  ["n-pentane, pentane, pentan, pentano", "n-pentane", null, null],
  ["n-hexane, hexane, hexan, hexano, esano", "n-hexane", null, null],
  [
    "lpg, liquefied petroleum gas, glp, gpl, flüssiggas, fluessiggas, butane propane",
    null,
    "sweet hydrocarbon liquid",
    null,
  ],
  ["ethylene, ethene, c2h4, ethylen, etileno, etilene, eteno, etheen", "ethylene", null, null],
  ["propylene, propene, c3h6, propylen, propileno, propilene, propeno, propeen", "propylene", null, null],
  ["acetylene, acetylen, acetileno, acetilene, acetyleen", "acetylene", null, "gas"],
  ["benzene, benzol, benceno, benzeen, benzeno", "benzene", null, null],
  ["toluene, toluol, tolueno, tolueen", "toluene", null, null],
  [
    "xylene, xylol, xileno, xilene, btx, aromatics, aromaten, aromatiques, aromaticos",
    null,
    "aromatics",
    null,
  ],
  ["styrene, styrol, estireno, stirene, styreen", "styrene", null, null],
  [
    `
      vcm, vinyl chloride, vinylchlorid, chlorure de vinyle, cloruro de vinilo, cloruro di vinile,
      cloreto de vinila`,
    "vinyl-chloride",
    null,
    null,
  ],
  ["butadiene, 1 3-butadiene, butadien, butadieno", "butadiene", null, null],
  [
    `
      crude oil, crude, stabilised crude, stabilized crude, rohöl, rohoel, petrole brut, brut, crudo,
      petroleo crudo, petrolio, greggio, petrolio greggio, petroleo, oleo cru, ruwe olie`,
    "crude-oil",
    null,
    "liquid",
  ],
  ["sour crude, sour crude oil, crudo acido", "sour-crude", null, "liquid"],
  [
    "sour gas, acid gas, sauergas, gaz acide, gas acido, gas agrio, gas amargo, zuurgas, zuur gas",
    "sour-gas",
    null,
    "gas",
  ],
  [
    "raw condensate, unstabilised condensate, gas condensate, hydrocarbon condensate, hc condensate",
    "raw-condensate",
    null,
    "liquid",
  ],
  ["stabilised condensate, stabilized condensate", "stabilised-condensate", null, "liquid"],
  [
    `
      hydrocarbon liquid, hc liquid, diesel, gas oil, gasoil, kerosene, kerosine, naphtha, gasoline, petrol,
      fuel oil, heavy fuel oil, hfo, jet fuel, reformate, alkylate, heizöl, heizoel, dieselkraftstoff,
      benzin, kerosin, gazole, gasolina, gasoleo, fuel-oil, fioul, nafta, cherosene, gasolio, benzina,
      oleo diesel, oleo combustivel, stookolie, dieselolie`,
    null,
    "sweet hydrocarbon liquid",
    "liquid",
  ],
  [
    `
      hydrocarbon gas, hc gas, flare gas, associated gas, fackelgas, gaz de torche, gas de antorcha,
      fakkelgas`,
    null,
    "sweet hydrocarbon gas",
    "gas",
  ],
  [
    `
      hot oil, heat transfer oil, thermal oil, heat transfer fluid, htf, thermoöl, thermaloel, thermalöl,
      wärmeträgeröl, waermetraegeroel, fluide caloporteur, huile thermique, aceite termico, olio diatermico,
      oleo termico, thermische olie`,
    "hot-oil",
    null,
    "liquid",
  ],
  [
    `
      lube oil, lubricating oil, seal oil, schmieröl, schmieroel, huile de lubrification, huile de graissage,
      aceite lubricante, aceite de lubricacion, olio lubrificante, oleo lubrificante, smeerolie`,
    "lube-oil",
    null,
    "liquid",
  ],
  [
    `
      carbon dioxide, co2, kohlendioxid, dioxyde de carbone, dioxido de carbono, anidride carbonica,
      dioxido de carbono, kooldioxide`,
    "carbon-dioxide",
    null,
    null,
  ],
  ["ammonia, nh3, anhydrous ammonia, ammoniak, ammoniac, amoniaco, ammoniaca, amonia", "ammonia", null, null],
  [
    `
      hydrogen sulphide, hydrogen sulfide, h2s, schwefelwasserstoff, sulfure d'hydrogene,
      sulfuro de hidrogeno`,
    "hydrogen-sulphide",
    null,
    null,
  ],
  [
    "sulphur dioxide, sulfur dioxide, so2, schwefeldioxid, dioxyde de soufre, dioxido de azufre",
    "sulphur-dioxide",
    null,
    null,
  ],
  ["chlorine, cl2, liquid chlorine, chlor, chlore, cloro, chloor", "chlorine", null, null],
  [
    `
      hydrogen fluoride, hydrofluoric acid, hf, hf acid, flusssäure, flusssaeure, acide fluorhydrique,
      acido fluorhidrico, acido fluoridrico, fluorwaterstof`,
    "hydrogen-fluoride",
    null,
    null,
  ],
  ["hydrogen chloride, hcl gas, chlorwasserstoff", "hydrogen-chloride", null, null],
  [
    `
      hydrochloric acid, hcl, salzsäure, salzsaeure, acide chlorhydrique, acido clorhidrico,
      acido cloridrico, zoutzuur, phosphoric acid, phosphorsäure`,
    null,
    "strong mineral acid",
    "liquid",
  ],
  [
    `
      sulphuric acid, sulfuric acid, h2so4, schwefelsäure, schwefelsaeure, acide sulfurique, acido sulfurico,
      acido solforico, zwavelzuur`,
    null,
    "strong mineral acid",
    "liquid",
  ],
  [
    "nitric acid, hno3, salpetersäure, salpetersaeure, acide nitrique, acido nitrico, salpeterzuur",
    "nitric-acid",
    null,
    "liquid",
  ],
  [
    `
      caustic, caustic soda, sodium hydroxide, naoh, natronlauge, lauge, soude, soude caustique,
      sosa caustica, soda caustica, soda, natronloog, loog, kalilauge, koh`,
    null,
    "caustic",
    "liquid",
  ],
  [
    "amine, lean amine, rich amine, amine solution, mdea, dea, mea, aminlösung, amina",
    "amine",
    null,
    "liquid",
  ],
  ["methanol, meoh, methylalkohol, metanol, metanolo", "methanol", null, "liquid"],
  ["ethanol, ethyl alcohol, etanol, etanolo, alcool ethylique", "ethanol", null, "liquid"],
  ["isopropanol, ipa, isopropyl alcohol", "isopropanol", null, "liquid"],
  [
    "ethylene glycol, monoethylene glycol, meg, glykol, ethylenglykol, etilenglicol, glicole etilenico",
    "ethylene-glycol",
    null,
    "liquid",
  ],
  ["triethylene glycol, teg, lean glycol, rich glycol", "triethylene-glycol", null, "liquid"],
  ["glycol, glicol, glicole, water glycol, glycol water", null, "glycol", "liquid"],
  ["acetone, aceton, acetona", "acetone", null, "liquid"],
  ["methyl ethyl ketone, mek, methylethylketon", "methyl-ethyl-ketone", null, "liquid"],
  [
    "ethyl acetate, ethylacetat, acetate d'ethyle, acetato de etilo, acetato di etile",
    "ethyl-acetate",
    null,
    "liquid",
  ],
  ["r-134a, r134a, refrigerant r-134a", "r-134a", null, null],
  ["refrigerant, kältemittel, kaeltemittel, fluide frigorigene, refrigerante", null, "refrigerants", null],
];
