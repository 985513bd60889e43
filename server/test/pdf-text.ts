import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** Text of a PDF, on one line. */
export function pdfText(bytes: ArrayBuffer): string {
  const file = join(mkdtempSync(join(tmpdir(), "pdf-")), "read.pdf");
  writeFileSync(file, Buffer.from(bytes));
  return execFileSync("pdftotext", ["-raw", file, "-"], { encoding: "utf8" }).replace(/\s+/g, " ");
}
