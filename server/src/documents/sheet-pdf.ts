import { sheetPictures } from "@proven-seat/core/documents";
import type { HouseRules } from "@proven-seat/core/house";
import type { Sheet } from "@proven-seat/core/proof";
import { type FindingDescription, figuresOf, ruleStations, trueSign } from "@proven-seat/core/rules";
import { figure, type UnitSystem } from "@proven-seat/core/units";
import {
  boreMark,
  type Document,
  dim,
  ink,
  left,
  line,
  newDocument,
  right,
  verdictColours,
  width,
  write,
} from "./page.ts";
import { drawPictures } from "./pictures.ts";
import { cautions, dutyWords, notStated, valveWords, written, writtenMargin } from "./sheet-words.ts";

function heading(doc: Document, sheet: Sheet): number {
  doc.addPage();
  write(doc, "Valve specification", left, 36, { font: "strong", size: 15 });
  write(doc, sheet.tag.number, right - 260, 34, { font: "strong", size: 17, width: 260, align: "right" });
  write(doc, [sheet.project, sheet.tag.unit].filter(Boolean).join(" / "), left, 56, {
    colour: dim,
    width: 300,
  });
  write(
    doc,
    `revision ${sheet.revision} · issued ${sheet.issued.at.slice(0, 16).replace("T", " ")} UTC by ${sheet.issued.by}`,
    right - 320,
    56,
    { colour: dim, width: 250, align: "right" },
  );
  line(doc, 72);
  return 80;
}

/** Every page carries what the proof was made of and where it stands among the pages. */
function footings(doc: Document, sheet: Sheet): void {
  const { start, count } = doc.bufferedPageRange();
  for (let at = start; at < start + count; at++) {
    doc.switchToPage(at);
    write(doc, `page ${at + 1} of ${count}`, right - 70, 56, { colour: dim, width: 70, align: "right" });
    footing(doc, sheet);
  }
}

function footing(doc: Document, sheet: Sheet): void {
  line(doc, 800);
  write(
    doc,
    `engine ${sheet.engine} · house rules v${sheet.inputs.houseRules.version} · catalogue "${sheet.inputs.catalogue.name}" r${sheet.inputs.catalogue.revision}`,
    left,
    804,
    { size: 6.5, colour: dim, width: 260 },
  );
  write(doc, `SHA-256 of all inputs ${sheet.digest}`, left + 130, 804, {
    size: 6.5,
    colour: dim,
    width: width - 130,
    align: "right",
  });
}

function pairs(
  doc: Document,
  title: string,
  rows: readonly (readonly [string, string])[],
  x: number,
  top: number,
  wide: number,
): number {
  write(doc, title, x, top, { font: "strong", size: 10, width: wide });
  let y = top + 15;
  for (const [label, value] of rows) {
    write(doc, label, x, y, { colour: dim, width: 98, size: 8 });
    y = write(doc, value, x + 100, y, { width: wide - 100, lines: 9, size: 8 }) + 1.2;
  }
  return y;
}

function casesTable(doc: Document, sheet: Sheet, top: number, system: UnitSystem): number {
  write(doc, "Operating cases", left, top, { font: "strong", size: 10 });
  const columns = [150, 80, 85, 85, 75];
  const cells = (texts: string[], y: number, font: "plain" | "figures", colour: string) => {
    let x = left;
    texts.forEach((text, i) => {
      write(doc, text, x, y, {
        font: i === 0 || i === 1 ? "plain" : font,
        size: sheet.inputs.duty.cases.length > 12 ? 7.5 : i > 1 && font === "figures" ? 8 : 8.5,
        colour,
        width: columns[i]! - 6,
        align: i > 1 ? "right" : "left",
      });
      x += columns[i]!;
    });
  };
  cells(["case", "kind", "upstream", "downstream", "temperature"], top + 15, "plain", dim);
  let y = top + 27;
  line(doc, y - 1);
  for (const [at, c] of sheet.inputs.duty.cases.entries()) {
    const far = c.flow === "reverse" ? c.upstreamBarG : c.downstreamBarG;
    const pressure = (value: number | null) =>
      value === null ? (far === null ? "vented" : "–") : written(value, "bar g", system);
    cells(
      [
        `${at + 1} ${c.name}${c.mayBeShut ? "" : " (open)"}${c.flow === "reverse" ? " (reverse)" : ""}`,
        c.kind,
        pressure(c.upstreamBarG),
        pressure(c.downstreamBarG),
        written(c.temperatureC, "°C", system),
      ],
      y + 1,
      "figures",
      ink,
    );
    y += sheet.inputs.duty.cases.length > 12 ? 8.8 : 12;
  }
  return y;
}

function heldWords(held: FindingDescription, system: UnitSystem): string {
  const { value, limit, unit, caseName } = figuresOf(held);
  const against = limit === null ? "" : ` against ${written(limit, unit, system)}`;
  const at = caseName ? ` at ${caseName}` : "";
  return `Governed by ${held.asks.toLowerCase()}: ${written(value, unit, system)}${against}${at} ${writtenMargin(held, system)}`;
}

function verdictBox(doc: Document, sheet: Sheet, top: number, system: UnitSystem): number {
  const { proof } = sheet;
  const held = proof.findings.find((f) => f.rule === proof.heldBackBy);
  boreMark(doc, proof.verdict, left, top + 1, 7);
  write(doc, proof.verdict, left + 20, top, {
    font: "strong",
    size: 12,
    colour: verdictColours[proof.verdict] ?? ink,
    width: 120,
  });
  const reason = held ? heldWords(held, system) : "";
  write(doc, reason, left + 120, top + 1.5, { width: width - 120 });
  write(
    doc,
    `${figure(sheet.considered)} candidates proved, ${figure(sheet.standing)} stand. ${proof.fails} fail, ${proof.cannotTell} cannot tell, ${proof.tight} tight on this one; every finding follows.`,
    left + 120,
    top + 14,
    { colour: dim, width: width - 120 },
  );
  let y = top + 30;
  if (sheet.override) {
    y =
      write(doc, `Overridden by ${sheet.override.by}: ${sheet.override.reason}`, left, y, {
        font: "strong",
        colour: verdictColours.fails!,
        lines: 3,
      }) + 3;
  }
  if (sheet.notes) y = write(doc, `Notes: ${sheet.notes}`, left, y, { lines: 4 }) + 3;
  return y;
}

/** Value against limit, or what decides where the two alone do not; for words, what they are and what that means. */
function comparison(finding: FindingDescription, system: UnitSystem): string {
  const { value, limit, sense, unit, decides } = figuresOf(finding);
  if (value === null) return "";
  const shown = written(value, unit, system);
  if (decides !== null) return `${shown}: ${decides}`;
  if (limit === null || limit === value) return shown;
  const against = written(limit, unit, system);
  return sense === "is" ? `${shown}: ${against}` : `${shown} ${trueSign(sense, value, limit)} ${against}`;
}

function findingRow(doc: Document, finding: FindingDescription, y: number, system: UnitSystem): number {
  boreMark(doc, finding.verdict, left, y + 0.5, 3.6);
  const figures = comparison(finding, system);
  write(doc, finding.asks, left + 12, y, { width: 132, size: 8 });
  write(doc, finding.verdict, left + 146, y, {
    width: 54,
    size: 8,
    colour: verdictColours[finding.verdict] ?? ink,
  });
  write(doc, figures, left + 200, y, { width: 176, size: 8 });
  write(doc, writtenMargin(finding, system), left + 378, y, { width: 38, size: 8, align: "right" });
  write(doc, figuresOf(finding).caseName ?? "", left + 424, y, { width: 87, size: 8, colour: dim });
  const origins = finding.uses
    .map((u) => `${u.what} ${written(u.value, u.unit, system)} (${u.origin})`)
    .join("; ");
  write(
    doc,
    `${finding.verdict === "cannot tell" ? `${finding.says} ` : ""}${origins ? `${origins}. ` : ""}${finding.source}`,
    left + 12,
    y + 10,
    { width: width - 12, size: 6.2, colour: dim, lines: 2 },
  );
  return y + 26.5;
}

/** Findings that were asked in full, page after page; the others by name, so that nothing is left out. */
function findingsPages(doc: Document, sheet: Sheet, system: UnitSystem): void {
  const lowest = 770;
  let y = heading(doc, sheet);
  write(doc, "Findings", left, y, { font: "strong", size: 10 });
  write(
    doc,
    "value against limit, margin, governing case; below each its inputs with origin, and its source",
    left + 60,
    y + 1.5,
    { colour: dim, width: 420, size: 7.5 },
  );
  y += 15;
  for (const station of ruleStations) {
    const findings = sheet.proof.findings.filter((f) => f.station === station && f.verdict !== "not asked");
    if (findings.length === 0) continue;
    if (y > lowest - 20) y = heading(doc, sheet);
    line(doc, y);
    y = write(doc, station, left, y + 2, { font: "strong", size: 8 }) + 1;
    for (const finding of findings) {
      if (y > lowest) y = heading(doc, sheet);
      y = findingRow(doc, finding, y, system);
    }
  }
  const quiet = sheet.proof.findings.filter((f) => f.verdict === "not asked");
  if (quiet.length === 0) return;
  if (y > lowest - 60) y = heading(doc, sheet);
  line(doc, y);
  y = write(doc, "Not raised by this duty or this valve", left, y + 2, { font: "strong", size: 8 }) + 1;
  write(doc, quiet.map((f) => f.asks).join(" · "), left + 12, y, {
    width: width - 12,
    size: 7,
    colour: dim,
    lines: 12,
  });
}

/** An issued sheet as a PDF: one page of specification, then every finding behind it. */
export function sheetPdf(sheet: Sheet, house: HouseRules, system: UnitSystem): Promise<Buffer> {
  const doc = newDocument(`${sheet.tag.number} revision ${sheet.revision}`);
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on("data", (chunk: Buffer) => chunks.push(chunk));
    doc.on("end", () => resolve(Buffer.concat(chunks)));
    doc.on("error", reject);
  });
  const top = heading(doc, sheet);
  const half = width / 2 - 10;
  const words = dutyWords(sheet, system);
  const duty = words.filter(([label]) => label !== notStated);
  const silent = words.find(([label]) => label === notStated)?.[1];
  const valve = valveWords(sheet, system);
  // The valve takes less room than its duty: what is left of the duty stands below it.
  const split = Math.ceil((duty.length + valve.length + 1) / 2);
  const belowLeft = pairs(doc, "Duty", duty.slice(0, split), left, top, half);
  const underValve = pairs(doc, "Valve and drive", valve, left + half + 20, top, half);
  const belowRight =
    split < duty.length
      ? pairs(doc, "Duty, continued", duty.slice(split), left + half + 20, underValve + 4, half)
      : underValve;
  let y = Math.max(belowLeft, belowRight);
  // Across the page: what nobody stated is a line to read, not a column to search.
  if (silent) y = write(doc, `Not stated: ${silent}.`, left, y + 2, { size: 7.5, colour: dim, lines: 3 });
  y = casesTable(doc, sheet, y + 8, system) + 8;
  // A long duty fills the page: verdict, cautions and signatures then stand together on the next.
  if (y > 650) y = heading(doc, sheet);
  line(doc, y);
  y = verdictBox(doc, sheet, y + 8, system) + 6;
  line(doc, y);
  write(doc, "Cautions", left, y + 5, { font: "strong", size: 10 });
  y += 18;
  // Two columns: the eye reads short lines, and a page with many cases has room for them.
  for (let i = 0; i < cautions.length; i += 2) {
    const ends = [0, 1].map((side) =>
      write(doc, cautions[i + side] ?? "", left + side * (half + 20), y, { size: 7, lines: 5, width: half }),
    );
    y = Math.max(...ends) + 2;
  }
  drawPictures(doc, sheetPictures(sheet.inputs, house), sheet.inputs.duty.cases, y + 4, 762, system);
  for (const [i, role] of ["prepared", "checked", "approved"].entries()) {
    const x = left + (i * width) / 3;
    line(doc, 786, x, x + width / 3 - 16);
    write(doc, role, x, 788, { size: 7, colour: dim, width: 100 });
    if (i === 0) write(doc, sheet.issued.by, x, 774, { width: 140 });
  }
  findingsPages(doc, sheet, system);
  footings(doc, sheet);
  doc.end();
  return done;
}
