import { Colors, DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { type Layer, layers, type Outline } from "../../mechanics/fit-up/strokes.ts";

const colours: Readonly<Record<Layer, number>> = {
  edges: Colors.White,
  holes: Colors.Red,
  axes: Colors.Cyan,
  measures: Colors.Green,
};

/**
 * A drawing as an open drawing file.
 *
 * @param outline at 1:1
 * @returns DXF of release 2000 and later, in millimetres, a layer for each kind of line
 * @source the published format of drawing exchange files, as a library writes it
 */
export function dxfOf({ strokes }: Outline): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const layer of layers) dxf.addLayer(layer, colours[layer], "CONTINUOUS");
  for (const stroke of strokes) {
    dxf.setCurrentLayerName(stroke.layer);
    if (stroke.kind === "circle") dxf.addCircle(point3d(stroke.x, stroke.y), stroke.r);
    else if (stroke.kind === "line") dxf.addLine(point3d(...stroke.from), point3d(...stroke.to));
    else dxf.addText(point3d(stroke.x, stroke.y), stroke.heightMm, stroke.text);
  }
  return dxf.stringify();
}
