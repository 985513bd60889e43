import { figureText } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { figureClass } from "../../parts/figure-class.ts";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { Drawings } from "./drawings.tsx";

/** Mounting of the selected actuator, step by step, and the workshop drawings for it. */
const Assembly = memo(function Assembly({ view }: { view: BenchView }) {
  const units = useUnits();
  const { fitUp, candidate } = view.selected!;
  const { answer: steps, failure } = useAnswer(view.proof, "fitting", [candidate.key]);
  return (
    <section aria-label="Mounting" className="flex min-h-0 flex-1 flex-col">
      <Drawings fitUp={fitUp} />
      {failure && (
        <p role="alert" className="p-2 text-fails">
          The steps could not be prepared: {failure}
        </p>
      )}
      {steps === undefined ? null : steps.length === 0 ? (
        <p className="p-2 text-dim">
          No mounting steps: bare stem, rising stem, or stem end or actuator bore not stated. Select a
          candidate with an actuator to see its mounting.
        </p>
      ) : (
        <Scroll label="Steps" className="min-h-0 flex-1">
          <ol className="grid gap-2 pr-3">
            {steps.map(({ does, figures, caution }, index) => (
              <li key={does} className="grid grid-cols-[1.75rem_minmax(0,1fr)] gap-x-1">
                <span className="figures text-dim">{index + 1}</span>
                <div>
                  <p>{does}</p>
                  {figures.length > 0 && (
                    <p className="text-dim">
                      {figures.map(({ what, value, unit }, i) => (
                        <span key={what}>
                          {i > 0 && " · "}
                          {what}{" "}
                          <span className={`${figureClass(value)} text-ink`}>
                            {figureText(value, unit, units)}
                          </span>
                        </span>
                      ))}
                    </p>
                  )}
                  {caution && (
                    <p className="border-l-2 border-tight pl-2">
                      <strong>Caution.</strong> {caution}
                    </p>
                  )}
                </div>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-[12px] text-dim">
            The maker's instructions, the site's permit and local law take precedence over these steps.
          </p>
        </Scroll>
      )}
    </section>
  );
});

export default Assembly;
