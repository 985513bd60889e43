import type { Drawing, Mark, Tone } from "@proven-seat/core/outcome/documents";
import { type Document, dim, ink, rule, verdictColours, write } from "./page.ts";

/** The tones of a drawing on paper; a shape without a tone stays white. */
const tones: Readonly<Partial<Record<Tone, string>>> = {
  ink,
  dim,
  rule,
  paper: "#ffffff",
  ...(verdictColours as Record<"holds" | "tight" | "fails" | "cannot tell" | "not asked", string>),
  body: "#d8d1be",
  bonnet: "#d8d1be",
  closure: "#a9bab5",
  stem: "#8f9a97",
  seat: "#c99a4e",
  seal: "#17262b",
  spring: "#8f9a97",
  bearing: "#b9a98a",
  bolt: "#8f9a97",
  weld: "#8f9a97",
  upstream: "#e3eeec",
};

function drawMark(doc: Document, mark: Mark): void {
  switch (mark.kind) {
    case "dot":
      return void doc.circle(mark.x, mark.y, mark.radius).fill(tones[mark.fill] ?? ink);
    case "words": {
      const wide = 150;
      write(doc, mark.words, mark.align === "right" ? mark.x - wide : mark.x, mark.y - mark.size, {
        size: mark.size,
        colour: tones[mark.tone] ?? ink,
        width: wide,
        align: mark.align,
      });
      return;
    }
    case "path": {
      const { d, stroke, fill, width, dash, own, within } = mark;
      doc.save();
      if (within) doc.rect(within.x, within.y, within.wide, within.high).clip();
      if (own) doc.translate(own.x, own.y).scale(own.scale, -own.scale);
      doc.path(d).lineWidth(width / (own?.scale ?? 1));
      if (dash) doc.dash(dash[0]!, { space: dash[1] ?? dash[0]! });
      const [inside, outline] = [fill && tones[fill], stroke && tones[stroke]];
      if (inside && outline) doc.fillAndStroke(inside, outline, "even-odd");
      else if (inside) doc.fill(inside, "even-odd");
      else if (outline) doc.stroke(outline);
      doc.restore();
    }
  }
}

/** Draws a picture with its upper left corner at a place, as large as the width allows. */
export function draw(
  doc: Document,
  { wide, high, marks }: Drawing,
  x: number,
  y: number,
  size: { wide: number; high: number },
): void {
  const scale = Math.min(size.wide / wide, size.high / high);
  doc.save().translate(x, y).scale(scale);
  for (const mark of marks) drawMark(doc, mark);
  doc.restore();
}
