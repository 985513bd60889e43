import { fluidNamed } from "@proven-seat/core/basis/reference";
import { hazards as allHazards, type Hazard, hazardsFound } from "@proven-seat/core/duty";
import { useBench } from "../../bench/bench-store.ts";
import { useHouseAsRead } from "../../bench/house-as-read.ts";
import { FieldRow } from "./field-row.tsx";

/**
 * Hazards for the rules. Those from substance, family and H₂S count without being entered; one that is set aside counts
 * until a reason is given, and stays visible.
 */
export function Hazards({ fault }: { fault: (path: string) => string | undefined }) {
  const duty = useBench((s) => s.content!.duty);
  const house = useHouseAsRead();
  const { editDuty } = useBench.getState();
  const { fluid } = duty;
  const entered = new Set(fluid.hazards ?? []);
  const aside = new Set(fluid.setAside ?? []);
  const known = hazardsFound(
    duty,
    fluid.substance === null ? null : (fluidNamed(fluid.substance) ?? null),
    house,
  );
  const edit = (change: Partial<typeof fluid>) => editDuty({ fluid: { ...fluid, ...change } });
  const without = (hazards: ReadonlySet<Hazard>, hazard: Hazard) =>
    allHazards.filter((h) => hazards.has(h) && h !== hazard);
  const withIt = (hazards: ReadonlySet<Hazard>, hazard: Hazard) =>
    allHazards.filter((h) => hazards.has(h) || h === hazard);
  const turn = (hazard: Hazard) => {
    const ofFluid = hazardsFound(
      { ...duty, fluid: { ...fluid, hazards: null } },
      fluid.substance === null ? null : (fluidNamed(fluid.substance) ?? null),
      house,
    ).has(hazard);
    if (aside.has(hazard)) {
      const left = without(aside, hazard);
      edit({
        setAside: left.length === 0 ? null : left,
        ...(left.length === 0 ? { setAsideBecause: null } : {}),
      });
    } else if (ofFluid)
      edit({ hazards: keptOrNull(without(entered, hazard)), setAside: withIt(aside, hazard) });
    else if (entered.has(hazard)) edit({ hazards: keptOrNull(without(entered, hazard)) });
    else edit({ hazards: withIt(entered, hazard) });
  };
  return (
    <>
      <FieldRow label="hazards" path="fluid.hazards" fault={fault("fluid.hazards")}>
        <fieldset aria-label="hazards" className="flex flex-wrap gap-x-1 gap-y-0.5">
          {allHazards.map((hazard) => (
            <button
              key={hazard}
              type="button"
              aria-pressed={known.has(hazard) && !aside.has(hazard)}
              title={aside.has(hazard) ? "Set aside. Press to include it again" : undefined}
              className={`border px-1 text-[12px] ${look(known.has(hazard), entered.has(hazard), aside.has(hazard))}`}
              onClick={() => turn(hazard)}
            >
              {hazard}
            </button>
          ))}
        </fieldset>
      </FieldRow>
      {aside.size > 0 && (
        <FieldRow
          label="reason for setting aside"
          path="fluid.setAsideBecause"
          fault={fault("fluid.setAsideBecause")}
        >
          <input
            className="field"
            aria-label="reason for setting aside"
            placeholder="a reason (without it the hazard counts)"
            value={fluid.setAsideBecause ?? ""}
            onChange={(e) => edit({ setAsideBecause: e.target.value === "" ? null : e.target.value })}
          />
        </FieldRow>
      )}
    </>
  );
}

const keptOrNull = (list: Hazard[]): Hazard[] | null => (list.length === 0 ? null : list);

/** Solid where it was entered, dashed where it follows from the fluid, struck through where it is set aside. */
function look(known: boolean, entered: boolean, aside: boolean): string {
  if (aside) return "border-dashed border-tight text-tight line-through";
  if (!known) return "border-rule text-dim";
  return `border-ink bg-second text-ink ${entered ? "" : "border-dashed"}`;
}
