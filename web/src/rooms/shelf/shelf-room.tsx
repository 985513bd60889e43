import { seatMaterial } from "@proven-seat/core/basis/reference";
import { type Reading, sizeText } from "@proven-seat/core/basis/units";
import { constructionNamed } from "@proven-seat/core/construction/bodies";
import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { useState } from "react";
import { Link } from "react-router";
import { inProject, useProject } from "../../app/project.ts";
import { useNewestCatalogue } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { day } from "../../parts/dates.ts";
import { download } from "../../parts/download.ts";
import { Notice } from "../../parts/notice.tsx";
import { useRoomWorker } from "../../parts/room-worker.ts";
import { Scroll } from "../../parts/scroll.tsx";
import { startCatalogueWork } from "../../workers/catalogue-work.ts";
import { ImportCatalogue } from "./import-catalogue.tsx";
import { Revisions } from "./revisions.tsx";

const range = (values: readonly number[], units: Reading) => {
  const [least, maximum] = [sizeText(Math.min(...values), units), sizeText(Math.max(...values), units)];
  return least === maximum ? least : `${least}–${maximum.replace(/^(DN|NPS) /, "")}`;
};
const classes = (line: ProductLine) =>
  [...new Set(line.sizes.map((s) => s.designation.replace("class ", "")))].join(", ");

/** Families by maker and kind, with how much each holds. */
function Families({
  rows,
}: {
  rows: readonly { id: string; name: string; maker: string; kind: string; count: string }[];
}) {
  return (
    <table className="w-full border-collapse text-left">
      <tbody>
        {rows.map((row) => (
          <tr key={row.id} className="border-b border-rule/60">
            <td className="w-1/3 py-[3px]">
              <span className="font-semibold">{row.name}</span> <span className="text-dim">{row.maker}</span>
            </td>
            <td className="w-1/3">{row.kind}</td>
            <td className="figures text-right">{row.count}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Line({ line }: { line: ProductLine }) {
  const units = useUnits();
  return (
    <tr className="border-b border-rule/60 align-baseline">
      <td className="py-[3px] pr-3 whitespace-nowrap">
        <span className="font-semibold">{line.name}</span> <span className="text-dim">{line.maker}</span>
      </td>
      <td className="pr-3">{constructionNamed(line.construction)?.name ?? line.construction}</td>
      <td className="pr-3 whitespace-nowrap">
        {range(
          line.sizes.map((s) => s.dn),
          units,
        )}
      </td>
      <td className="pr-3">{classes(line)}</td>
      <td className="pr-3">
        {line.seats.map(({ seat, curve }, i) => (
          <span key={seat}>
            {i > 0 && ", "}
            {seatMaterial(seat)?.name ?? seat}
            {curve === null && seatMaterial(seat)?.curve ? (
              <span className="text-dim"> (generic curve)</span>
            ) : null}
          </span>
        ))}
      </td>
      <td className="pr-3 text-[12px] text-dim">{line.cavities.map((c) => c.arrangement).join(", ")}</td>
      <td className="figures text-right">{line.sizes.length}</td>
    </tr>
  );
}

/** The catalogue on the shelf: content, origin, import and export. */
export function ShelfRoom() {
  const current = useNewestCatalogue();
  const project = useProject();
  const work = useRoomWorker(startCatalogueWork);
  const [busy, setBusy] = useState(false);
  if (current.error)
    return <Notice title="The catalogue could not be loaded">{current.error.message}</Notice>;
  if (!current.data) return <Notice title="Loading the catalogue …" />;
  const { catalogue, revision, createdAt, createdBy } = current.data;
  const file = `catalogue-r${revision}`;
  const zip = async () => {
    setBusy(true);
    const bytes = await work().zip(catalogue);
    download(`${file}.zip`, bytes as BlobPart, "application/zip");
    setBusy(false);
  };
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_400px]">
      <InHeader>
        <span className="truncate text-dim">
          {catalogue.name}, revision {revision}, {catalogue.status}; {day(createdAt)} by {createdBy}
        </span>
        {project && project.catalogueRevision !== revision && (
          <Link className="whitespace-nowrap underline" to={inProject(project, "/drift")}>
            {project.name} is proved by r{project.catalogueRevision}
          </Link>
        )}
      </InHeader>
      <InStatus>
        {catalogue.lines.length} lines, {catalogue.drives.length} actuator families,{" "}
        {catalogue.accessories.length} of accessories, prices in {catalogue.currency}
      </InStatus>
      <Scroll label="Lines" className="py-3 pr-4 pl-6">
        <table className="w-full border-collapse text-left">
          <thead className="text-[12px] text-dim">
            <tr className="border-b border-ink">
              <th className="font-normal">line</th>
              <th className="font-normal">construction</th>
              <th className="font-normal">sizes</th>
              <th className="font-normal">class</th>
              <th className="font-normal">seats</th>
              <th className="font-normal">cavity</th>
              <th className="text-right font-normal">rows</th>
            </tr>
          </thead>
          <tbody>
            {catalogue.lines.map((line) => (
              <Line key={line.id} line={line} />
            ))}
          </tbody>
        </table>
        <h2 className="mt-5 mb-1">Actuators</h2>
        <Families rows={catalogue.drives.map((d) => ({ ...d, count: `${d.sizes.length} sizes` }))} />
        <h2 className="mt-5 mb-1">Accessories</h2>
        {catalogue.accessories.length === 0 ? (
          <p className="text-dim">
            No accessories yet. Import solenoid valves, positioners, switches and volume tanks as tables.
          </p>
        ) : (
          <Families rows={catalogue.accessories.map((a) => ({ ...a, count: `${a.items.length} items` }))} />
        )}
      </Scroll>
      <aside className="flex min-h-0 flex-col gap-5 overflow-auto border-l border-rule px-4 py-3">
        <section aria-label="Export">
          <h2 className="mb-1">Export</h2>
          <p className="flex flex-wrap gap-2">
            <button
              type="button"
              className="act"
              onClick={() => download(`${file}.json`, JSON.stringify(catalogue, null, 1), "application/json")}
            >
              JSON document
            </button>
            <button type="button" className="act" disabled={busy} onClick={() => void zip()}>
              {busy ? "Packing …" : "CSV tables (ZIP)"}
            </button>
          </p>
        </section>
        <ImportCatalogue current={current.data} work={work} />
        <Revisions current={current.data} work={work} />
      </aside>
    </div>
  );
}
