import type { Block } from "@proven-seat/core/outcome/documents";
import encode from "qrcode-generator";
import type { Flow } from "./flow.ts";
import { dim, ink, left, width, write } from "./page.ts";

/** Modules around a code that stay white, so that a camera finds it (ISO/IEC 18004). */
const quiet = 4;
const side = 58;

/** An address as a square code with its words beside it. */
export function code(
  { address, says, more }: Extract<Block, { kind: "code" }>,
  { doc, y: from }: Flow,
): number {
  const made = encode(0, "M");
  made.addData(address);
  made.make();
  const count = made.getModuleCount();
  const size = side / (count + 2 * quiet);
  const top = from + 4;
  doc.save().fillColor(ink);
  for (let row = 0; row < count; row++)
    for (let column = 0; column < count; column++)
      if (made.isDark(row, column))
        doc.rect(left + (column + quiet) * size, top + (row + quiet) * size, size, size);
  doc.fill().restore();
  const beside = left + side + 8;
  const wide = width - side - 8;
  const said = write(doc, says, beside, top + (more === "" ? 18 : 4), { colour: dim, size: 8, width: wide });
  const read = write(doc, address, beside, said + 1, { size: 8, width: wide });
  const end = more === "" ? read : write(doc, more, beside, read + 3, { size: 8, width: wide });
  return Math.max(end, top + side);
}
