import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { supplyLossActions } from "../words.ts";
import { hasSupply } from "./uses-air.ts";

export const onSupplyLoss: Field<"onSupplyLoss", (typeof supplyLossActions)[number] | null> = {
  path: "onSupplyLoss",
  label: "On supply loss",
  group: "drive",
  ...choice(supplyLossActions),
  headings: ["on supply loss", "on air loss", "fail action", "fail position"],
  means: [
    "fail",
    "fail position",
    "air fail",
    "air fail position",
    "fail safe",
    "fail actuator",
    "supply fail",
    "supply fail position",
  ],
  written: {
    closes: `
      fc, fail closed, fail close, fail-closed, fail-close, fail to close, closed, close, afc, ato,
      air to open, air-to-open, air fail close, air fail closed, spring to close, spring close, stc,
      normally closed, nc, n/c, fsc, sc, geschlossen, zu, feder schliesst, federschliessend,
      federkraft schliessend, schliesst, schliessend, stromlos geschlossen, fermee, ferme, fermeture,
      se ferme, normalement fermee, nf, cierra, cerrada, falla cierra, fallo cierra, falla cerrada,
      normalmente cerrada, chiude, chiusa, normalmente chiusa, fecha, fechada, falha fecha, falha fechada,
      normalmente fechada, sluit, gesloten, veersluitend, dicht`,
    opens: `
      fo, fail open, fail-open, fail to open, open, afo, atc, air to close, air-to-close, air fail open,
      spring to open, spring open, sto, normally open, n/o, ~no, fso, offen, auf, feder oeffnet,
      federoeffnend, oeffnet, oeffnend, ouverte, ouvert, ouvre, s'ouvre, ouverture, normalement ouverte,
      abre, abierta, falla abre, fallo abre, falla abierta, normalmente abierta, apre, aperta,
      normalmente aperta, aberta, falha abre, falha aberta, normalmente aberta, opent, veeropenend`,
    stays: `
      fl, fail last, fail-last, fail locked, fail lock, fls, flp, fip, fai, fas, fail in place, fail as is,
      fail in position, fail last position, as is, last, last position, stay put, stayput, locked, lock,
      lock in place, in place, afl, ~flc, ~flo, fl/dc, fl/do, bleibt, bleibt stehen, verharrend, verharrt,
      letzte stellung, stellung bleibt, maintien, maintenue, en position, reste en position,
      derniere position, mantiene, mantiene posicion, ultima posicion, permanece, queda, ultima posizione,
      mantiene la posizione, mantem, mantem posicao, ultima posicao, ferma, fermo, resta ferma, blijft,
      blijft staan, laatste stand`,
  },
  why: "Decides between spring-return, double-acting and electric actuators.",
  raised: hasSupply,
  mustBeKnown: true,
};
