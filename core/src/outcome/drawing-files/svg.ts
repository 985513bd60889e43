import type { Layer, Outline, Stroke } from "../../mechanics/fit-up/strokes.ts";

const colours: Readonly<Record<Layer, string>> = {
  edges: "#000",
  holes: "#c00",
  axes: "#088",
  measures: "#060",
};
const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
const formatMm = (mm: number) => String(Math.round(mm * 1000) / 1000);

function element(stroke: Stroke): string {
  switch (stroke.kind) {
    case "circle":
      return `<circle cx="${formatMm(stroke.x)}" cy="${formatMm(-stroke.y)}" r="${formatMm(stroke.r)}"/>`;
    case "line":
      return `<line x1="${formatMm(stroke.from[0])}" y1="${formatMm(-stroke.from[1])}" x2="${formatMm(stroke.to[0])}" y2="${formatMm(-stroke.to[1])}"/>`;
    case "text":
      return `<text x="${formatMm(stroke.x)}" y="${formatMm(-stroke.y)}" font-size="${formatMm(stroke.heightMm)}" fill="${colours[stroke.layer]}" stroke="none">${escaped(stroke.text)}</text>`;
  }
}

/**
 * A drawing as SVG that prints at 1:1.
 *
 * @param outline at 1:1
 * @returns the file's text; one unit is a millimetre
 * @source SVG 1.1: width and height in mm, the view box as large
 */
export function svgOf({ title, strokes, within: [left, bottom, right, top] }: Outline): string {
  const [width, height] = [formatMm(right - left), formatMm(top - bottom)];
  const lines = strokes.map(
    (stroke) =>
      `<g stroke="${colours[stroke.layer]}"${stroke.layer === "axes" ? ' stroke-dasharray="6 1.5 1 1.5"' : ""}>${element(stroke)}</g>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${formatMm(left)} ${formatMm(-top)} ${width} ${height}" fill="none" stroke-width="0.35" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...lines,
    "</svg>",
    "",
  ].join("\n");
}
