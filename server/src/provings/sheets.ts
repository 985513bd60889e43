import { raw } from "@mikro-orm/core";
import { driftOf } from "@proven-seat/core/judgement/proof";
import { SheetResult } from "../store/entities/provings.ts";
import { Sheet } from "../store/entities/sheet.ts";
import { resultsSince } from "../store/results-since.ts";
import { staleSheetIds } from "../store/sheet-results.ts";
import type { ProvingKind } from "./kind.ts";

/** Sheets in force, each proved again from the duty it was issued for. */
export const sheets: ProvingKind = {
  stale: staleSheetIds,
  countStale: async (em, project, basis) => (await staleSheetIds(em, project, basis)).length,
  foundSince: resultsSince("sheets"),
  prove: async (em, ids, by, wanted) => {
    // One failing record must not hold up the others.
    let failure: unknown = null;
    for (const id of ids) {
      if (!(await wanted())) break;
      if ((await em.count(SheetResult, { sheetId: id, basisId: by.id })) > 0) continue;
      const sheet = await em.findOne(Sheet, { id }, { fields: ["content"], disableIdentityMap: true });
      if (!sheet) continue;
      try {
        const drift = driftOf(sheet.content, by);
        // Another process may have stored the same result meanwhile.
        await em
          .createQueryBuilder(SheetResult)
          .insert({
            sheetId: id,
            basisId: by.id,
            outcome: drift.outcome,
            grave: drift.grave,
            drift,
            // By the clock of the queue: tries are counted by the results since a chunk was queued.
            provedAt: raw("now()"),
          })
          .onConflict()
          .ignore()
          .execute("run");
      } catch (error) {
        failure ??= error;
      }
    }
    if (failure !== null) throw failure;
  },
};
