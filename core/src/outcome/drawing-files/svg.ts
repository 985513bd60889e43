import type { Layer, Outline, Stroke } from "../../mechanics/fit-up/strokes.ts";

const colours: Readonly<Record<Layer, string>> = {
  edges: "#000",
  holes: "#c00",
  axes: "#088",
  measures: "#060",
};
const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
const at = (mm: number) => String(Math.round(mm * 1000) / 1000);

function element(stroke: Stroke): string {
  switch (stroke.kind) {
    case "circle":
      return `<circle cx="${at(stroke.x)}" cy="${at(-stroke.y)}" r="${at(stroke.r)}"/>`;
    case "line":
      return `<line x1="${at(stroke.from[0])}" y1="${at(-stroke.from[1])}" x2="${at(stroke.to[0])}" y2="${at(-stroke.to[1])}"/>`;
    case "text":
      return `<text x="${at(stroke.x)}" y="${at(-stroke.y)}" font-size="${at(stroke.heightMm)}" fill="${colours[stroke.layer]}" stroke="none">${escaped(stroke.text)}</text>`;
  }
}

/**
 * A drawing as SVG that prints at 1:1.
 *
 * @param outline at 1:1
 * @returns the file's text; a unit of it is a millimetre
 * @source SVG 1.1: width and height in mm, the view box as large
 */
export function svgOf({ title, strokes, within: [left, bottom, right, top] }: Outline): string {
  const [width, height] = [at(right - left), at(top - bottom)];
  const lines = strokes.map(
    (stroke) =>
      `<g stroke="${colours[stroke.layer]}"${stroke.layer === "axes" ? ' stroke-dasharray="6 1.5 1 1.5"' : ""}>${element(stroke)}</g>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${at(left)} ${at(-top)} ${width} ${height}" fill="none" stroke-width="0.35" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...lines,
    "</svg>",
    "",
  ].join("\n");
}
