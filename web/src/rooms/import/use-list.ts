import type { Project, TagRow } from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import { type Duty, noDefaults } from "@proven-seat/core/duty";
import { useMemo } from "react";
import { call } from "../../app/api.ts";
import { useTagRows } from "../../app/queries.ts";
import { useAnswerTo } from "../../parts/use-answer-to.ts";
import { useLast } from "../../parts/use-last.ts";
import type { ListWork } from "../../workers/list-work.ts";
import { useSaid } from "./decided.ts";
import { useOpenedList } from "./use-opened-list.ts";

const dutiesAtOnce = 500;

/** Compares the list with the tags of the project. Stops between pages if the list was changed meanwhile. */
async function compareWith(
  api: ListWork["api"],
  project: string,
  rows: readonly TagRow[],
  overtaken: () => boolean,
) {
  const listed = new Set((await api.numbers()).map(tagKey));
  const met = rows.filter(({ number }) => listed.has(tagKey(number)));
  const duties = new Map<string, { duty: Duty; version: number }>();
  for (let from = 0; from < met.length && !overtaken(); from += dutiesAtOnce) {
    const ids = met.slice(from, from + dutiesAtOnce).map(({ id }) => id);
    for (const found of await call("duties", { parameters: { id: project }, body: { ids } }))
      duties.set(found.id, found);
  }
  const tags = met.flatMap(({ id, number, service, unit, remarks = {} }) => {
    const found = duties.get(id);
    return found ? [{ number, service, unit, remarks, duty: found.duty, version: found.version }] : [];
  });
  return api.compare(
    tags,
    rows.map(({ number }) => number),
  );
}

/** A list being imported: file, decisions, reading, and comparison with the project. */
export function useList(openProject: Project | undefined) {
  const project = openProject?.id;
  const defaults = openProject?.defaults ?? noDefaults;
  const tagRows = useTagRows(project);
  const saying = useSaid();
  const opened = useOpenedList(openProject, saying);
  const { loaded, api } = opened;
  const { said } = saying;

  const reading = useAnswerTo(
    useMemo(
      () =>
        loaded && said
          ? async () => ({ loaded, view: await api().read(said.plan, said.decisions, defaults) })
          : null,
      [loaded, said, defaults, api],
    ),
  );
  // Keep the previous view of the same sheet until the new one is ready.
  const lastRead = useLast(reading.answer);
  const view = lastRead?.loaded === loaded ? lastRead.view : null;

  const rows = tagRows.data;
  // Compare only what was read last: an older comparison does not apply.
  const read = reading.answer;
  const comparing = useAnswerTo(
    useMemo(
      () =>
        read && rows && project
          ? (overtaken: () => boolean) => compareWith(api(), project, rows, overtaken)
          : null,
      [read, rows, project, api],
    ),
  );

  return {
    loaded,
    view,
    comparison: comparing.answer,
    failure: opened.failure ?? (reading.failure ?? comparing.failure)?.message ?? null,
    setFailure: opened.setFailure,
    reading: opened.opening || reading.asking,
    saying,
    load: opened.load,
    showSheet: opened.showSheet,
    openDraft: opened.openDraft,
    api,
    tagRows,
  };
}

export type ListInWork = ReturnType<typeof useList>;
