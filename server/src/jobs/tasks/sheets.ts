import { reprove as provedAgain, readSheet } from "@proven-seat/core/judgement/proof";
import { sheetDocument } from "@proven-seat/core/outcome/documents";
import { pdfOf } from "../../documents/pdf.ts";

/** An issued sheet as PDF; or the reason why this release cannot read it. */
export async function pdf({ content, system }: { content: unknown; system: "US" | "metric" }) {
  const reading = readSheet(content);
  if ("error" in reading) return { unreadable: reading.error };
  const made = await pdfOf(sheetDocument(reading.sheet, reading.house, { system }));
  return { bytes: new Uint8Array(made) };
}

/** Proves an issued sheet again from its own inputs. */
export function reprove({ content }: { content: unknown }) {
  const result = provedAgain(content);
  return "error" in result ? { unreadable: result.error } : { result: JSON.parse(JSON.stringify(result)) };
}
