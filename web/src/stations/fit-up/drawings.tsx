import type { FitUpPicture } from "@proven-seat/core/judgement/proof";
import {
  bracketOutline,
  couplingOutline,
  drillingTemplate,
  type Outline,
} from "@proven-seat/core/mechanics/fit-up";
import { useState } from "react";
import { download } from "../../parts/download.ts";

interface Offered {
  readonly name: string;
  readonly file: string;
  readonly outline: () => Outline;
}

/** Drawings of an actuator on its valve: a template for each pad, the bracket and the coupling. */
function offered({ fitUp, pad, stemDiameterMm }: FitUpPicture): Offered[] {
  const template = { name: `Drilling template ${pad.flange}`, file: `drilling-template-${pad.flange}` };
  const { bracket, coupling } = fitUp ?? {};
  return [
    {
      ...template,
      outline: () => drillingTemplate(pad, bracket?.lowerHoleMm ?? stemDiameterMm + 4),
    },
    // A standard part has its maker's drawing.
    ...(bracket?.made === null
      ? [
          {
            name: "Bracket",
            file: `bracket-${bracket.lower.flange}-${bracket.upper.flange}-${bracket.heightMm}`,
            outline: () => bracketOutline(bracket),
          },
        ]
      : []),
    ...(coupling?.made === null
      ? [
          {
            name: "Coupling",
            file: `coupling-${coupling.socket.acrossMm}-${coupling.end.acrossMm}`,
            outline: () => couplingOutline(coupling),
          },
        ]
      : []),
  ];
}

/** Drawings at 1:1 as open files; the writers are loaded when the first is asked for. */
export function Drawings({ fitUp }: { fitUp: FitUpPicture }) {
  const [failed, setFailed] = useState(false);
  const save = async ({ file, outline }: Offered, format: "dxf" | "svg") => {
    try {
      const { dxfOf, svgOf } = await import("@proven-seat/core/outcome/drawing-files");
      setFailed(false);
      if (format === "dxf") download(`${file}.dxf`, dxfOf(outline()), "image/vnd.dxf");
      else download(`${file}.svg`, svgOf(outline()), "image/svg+xml");
    } catch {
      setFailed(true);
    }
  };
  return (
    <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
      {offered(fitUp).map((offered) => (
        <span key={offered.name} className="whitespace-nowrap">
          {offered.name}{" "}
          {(["dxf", "svg"] as const).map((format) => (
            <button
              key={format}
              type="button"
              className="act ml-1"
              aria-label={`${offered.name} as ${format.toUpperCase()}`}
              onClick={() => void save(offered, format)}
            >
              {format.toUpperCase()}
            </button>
          ))}
        </span>
      ))}
      <span className="text-[12px] text-dim">1:1, in millimetres</span>
      {failed && (
        <p role="alert" className="w-full text-fails">
          The drawing could not be loaded because the connection is lost. Try again later.
        </p>
      )}
    </div>
  );
}
