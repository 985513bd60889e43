import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import { endConnections } from "../words.ts";

export const endConnection: AssumedField<"endConnection", (typeof endConnections)[number] | null> = {
  path: "endConnection",
  label: "End connection",
  short: "ends",
  group: "line",
  ...choice(endConnections),
  headings: ["end connection", "ends", "end", "connection"],
  means: ["end"],
  written: {
    "flanged RF": `
      rf, flg rf, flgd rf, flanged rf, raised face, rfsf, wnrf, sorf, rf flanged, rf flgd, rf flg, ~flanged,
      ~flange, ~flg, ~flgd, ~flngd, ~ff, ~flat face, ~flanged ff, ~flgd ff, dichtleiste, flansch dichtleiste,
      form b1, b1, ~flansch, ~flansche, ~flanschen, bride rf, brides rf, ~bride, ~brides, ~a brides,
      bridas rf, ~bridas, ~brida, ~bridada, ~bridado, ~flangiato, ~flangiata, ~flangia, ~flangeado,
      ~flangeada, ~flens, ~geflensd, ~flenzen, face surelevee, cara resaltada, risalto, flange rf,
      flangia rf, brida rf, flens rf, flansch rf`,
    "flanged RTJ": `
      rtj, rj, ring joint, ring type joint, ring-type joint, flg rtj, flgd rtj, flanged ring joint,
      rtj flanged, ringjoint`,
    threaded: `
      npt, fnpt, mnpt, nptf, npt f, npt m, fnpt x fnpt, scrd, screwed, screwed npt, scr, thd, thrd, thread,
      female npt, male npt, bsp, bspt, bspp, gewinde, innengewinde, rosca, roscado, roscada, filettato,
      filettata, filettatura, filete, taraude, taraudee, filetee, draad, schroefdraad, binnendraad, te,
      threaded npt`,
    "socket-weld": `
      sw, s/w, socket weld, socket welded, socketweld, socket-welded, swe, schweissmuffe, einschweissmuffe,
      schweissmuffen, emmanche soude, a souder emboite, emboite soude, soldadura de enchufe, enchufe soldado,
      socket, tasca a saldare, tasca da saldare, encaixe para solda, encaixe, solda de encaixe, moflas,
      soklas, insteeklas`,
    "butt-weld": `
      bw, b/w, butt weld, butt welded, buttweld, butt-welded, bwe, welded, weld end, weld ends, we,
      anschweissende, anschweissenden, schweissende, schweissenden, einschweissende, einschweissenden,
      stumpfschweissen, soude bout a bout, a souder, a souder bout a bout, bout a bout, bw soude,
      soldadura a tope, a tope, a saldare di testa, saldare di testa, testa a testa, a saldare,
      solda de topo, topo, stomplas, stompe las, lasuiteinden, laseind, laseinden`,
    wafer: `
      wf, waf, wfr, wafer type, zwischenflansch, zwischenbau, einklemm, entre brides, entre bridas,
      tipo wafer, inklem, sandwich`,
    lug: `
      lugged, lug type, tapped lug, full lug, anflansch, oreilles taraudees, a oreilles, orejetas, tipo lug,
      aanflens`,
  },
  why: "The valve ends must fit the line.",
  settle: (duty) => duty.endConnection ?? "flanged RF",
  otherwise: () => ["flanged RTJ"],
};
