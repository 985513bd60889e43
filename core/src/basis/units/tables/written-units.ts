// Compiled by npm run units:compile from scripts/compile-units.ts. Do not edit.
import type { Quantity, WrittenUnit } from "../definitions.ts";

/** Every unit a quantity may be written in, the home unit first. */
export const writtenUnits: Readonly<Record<Quantity, readonly WrittenUnit[]>> = {
  "pressure": [
    {"label":"bar g","times":1,"plus":0,"alsoWritten":["barg","bar(g)","bar","barü","bar(ü)"]},
    {"label":"bar a","times":1,"plus":-1.01325,"alsoWritten":["bara","bar(a)","barabs"]},
    {"label":"psi g","times":0.06894757293168362,"plus":0,"alsoWritten":["psig","psi(g)","psi","#g","lb/in2","lbf/in2g"]},
    {"label":"psi a","times":0.06894757293168362,"plus":-1.01325,"alsoWritten":["psia","psi(a)"]},
    {"label":"kPa g","times":0.01,"plus":0,"alsoWritten":["kpag","kpa(g)","kpa"]},
    {"label":"kPa a","times":0.01,"plus":-1.01325,"alsoWritten":["kpaa","kpa(a)"]},
    {"label":"MPa g","times":10,"plus":0,"alsoWritten":["mpag","mpa(g)","mpa"]},
    {"label":"MPa a","times":10,"plus":-1.01325,"alsoWritten":["mpaa","mpa(a)"]},
    {"label":"mbar g","times":0.001,"plus":0,"alsoWritten":["mbarg","mbar(g)","mbar"]},
    {"label":"mbar a","times":0.001,"plus":-1.01325,"alsoWritten":["mbara","mbar(a)"]},
    {"label":"kg/cm² g","times":0.980665,"plus":0,"alsoWritten":["kg/cm2g","kgf/cm2g","kg/cm2","kgf/cm2","ksc","kscg","atü"]},
    {"label":"kg/cm² a","times":0.980665,"plus":-1.01325,"alsoWritten":["kg/cm2a","kgf/cm2a","ata"]},
  ],
  "differential": [
    {"label":"bar","times":1,"plus":0,"alsoWritten":["bard","bar(d)","barg"]},
    {"label":"psi","times":0.06894757293168362,"plus":0,"alsoWritten":["psid","psi(d)","psig"]},
    {"label":"kPa","times":0.01,"plus":0,"alsoWritten":["kpad","kpag"]},
    {"label":"MPa","times":10,"plus":0,"alsoWritten":["mpag"]},
    {"label":"mbar","times":0.001,"plus":0,"alsoWritten":["mbarg"]},
    {"label":"kg/cm²","times":0.980665,"plus":0,"alsoWritten":["kg/cm2","kgf/cm2","kg/cm2g","ksc"]},
  ],
  "temperature": [
    {"label":"°C","times":1,"plus":0,"alsoWritten":["c","degc","deg c","celsius","℃","grad c","gradc"]},
    {"label":"°F","times":0.5555555555555556,"plus":-17.77777777777778,"alsoWritten":["f","degf","deg f","fahrenheit","℉"]},
    {"label":"K","times":1,"plus":-273.15,"alsoWritten":["kelvin"]},
  ],
  "temperature difference": [
    {"label":"K","times":1,"plus":0,"alsoWritten":["°c","c"]},
    {"label":"°F","times":0.5555555555555556,"plus":0,"alsoWritten":["f"]},
  ],
  "torque": [
    {"label":"N·m","times":1,"plus":0,"alsoWritten":["nm","n.m","n*m"]},
    {"label":"lbf·ft","times":1.3558179483314001,"plus":0,"alsoWritten":["ft-lbf","ft·lbf","lbf.ft","lb-ft","ft-lb"]},
    {"label":"lbf·in","times":0.11298482902761668,"plus":0,"alsoWritten":["in-lbf","in·lbf","lbf.in","in-lb"]},
  ],
  "length": [
    {"label":"mm","times":1,"plus":0,"alsoWritten":[]},
    {"label":"in","times":25.4,"plus":0,"alsoWritten":["inch","inches","\""]},
  ],
  "volume flow": [
    {"label":"m³/h","times":1,"plus":0,"alsoWritten":["m3/h","cum/h","m3/hr","cmh"]},
    {"label":"gpm","times":0.22712470703999996,"plus":0,"alsoWritten":["usgpm","us gpm"]},
    {"label":"l/min","times":0.060000000000000005,"plus":0,"alsoWritten":["lpm"]},
  ],
  "gas flow": [
    {"label":"Nm³/h","times":1,"plus":0,"alsoWritten":["nm3/h","nm3/hr","ncmh"]},
    {"label":"scfh","times":0.026791125067617213,"plus":0,"alsoWritten":[]},
    {"label":"scfm","times":1.6074675040570328,"plus":0,"alsoWritten":[]},
  ],
  "mass flow": [
    {"label":"kg/h","times":1,"plus":0,"alsoWritten":["kg/hr"]},
    {"label":"t/h","times":1000,"plus":0,"alsoWritten":["t/hr","tph","te/h"]},
    {"label":"lb/h","times":0.45359237,"plus":0,"alsoWritten":["lbs/h","lb/hr","pph"]},
  ],
  "density": [
    {"label":"kg/m³","times":1,"plus":0,"alsoWritten":["kg/m3"]},
    {"label":"lb/ft³","times":16.01846337396015,"plus":0,"alsoWritten":["lb/ft3","pcf"]},
  ],
  "viscosity": [
    {"label":"mPa·s","times":1,"plus":0,"alsoWritten":["mpas","mpa.s","cp","cps"]},
    {"label":"cP","times":1,"plus":0,"alsoWritten":[]},
  ],
  "partial pressure": [
    {"label":"kPa","times":1,"plus":0,"alsoWritten":[]},
    {"label":"psi","times":6.894757293168362,"plus":0,"alsoWritten":[]},
    {"label":"mbar","times":0.1,"plus":0,"alsoWritten":[]},
  ],
  "vapour pressure": [
    {"label":"bar a","times":1,"plus":0,"alsoWritten":["bara","bar","barabs"]},
    {"label":"psi a","times":0.06894757293168362,"plus":0,"alsoWritten":["psia","psi"]},
    {"label":"kPa a","times":0.01,"plus":0,"alsoWritten":["kpaa","kpa"]},
    {"label":"mbar a","times":0.001,"plus":0,"alsoWritten":["mbar"]},
  ],
  "stress": [
    {"label":"MPa","times":1,"plus":0,"alsoWritten":["n/mm2","n/mm²"]},
    {"label":"ksi","times":6.894757293168361,"plus":0,"alsoWritten":[]},
  ],
  "velocity": [
    {"label":"m/s","times":1,"plus":0,"alsoWritten":[]},
    {"label":"ft/s","times":0.30479999999999996,"plus":0,"alsoWritten":["fps"]},
  ],
  "mass": [
    {"label":"kg","times":1,"plus":0,"alsoWritten":[]},
    {"label":"lb","times":0.45359237,"plus":0,"alsoWritten":["lbs"]},
  ],
  "volume": [
    {"label":"litres","times":1,"plus":0,"alsoWritten":["l"]},
    {"label":"US gal","times":3.7854117839999994,"plus":0,"alsoWritten":["gal"]},
  ],
  "vessel volume": [
    {"label":"m³","times":1,"plus":0,"alsoWritten":["m3","cbm"]},
    {"label":"ft³","times":0.02831684659199999,"plus":0,"alsoWritten":["ft3","cf"]},
  ],
  "flow coefficient": [
    {"label":"Kv","times":1,"plus":0,"alsoWritten":[]},
    {"label":"Cv","times":0.8649776554423017,"plus":0,"alsoWritten":[]},
  ],
};
