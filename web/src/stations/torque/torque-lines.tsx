import { figure } from "@proven-seat/core/basis/units";
import type { TorquePicture } from "@proven-seat/core/judgement/proof";
import { LineKey } from "../../parts/line-key.tsx";

/** How the lines of the torque picture are drawn, in the picture and in its key. */
export const lineStyles = {
  asked: { width: 2.4, type: "solid", colour: "ink" },
  grown: { width: 1.4, type: "dashed", colour: "ink" },
  table: { width: 1, type: "dotted", colour: "dim" },
} as const;
const dashes = { solid: undefined, dashed: "4 3", dotted: "1.5 2" };

const names = ({ longestShutDays, growth, appliedFactor }: TorquePicture) => ({
  asked:
    appliedFactor === 1
      ? "required of the actuator"
      : `required of the actuator, × ${appliedFactor.toFixed(2)}`,
  grown: `after ${figure(longestShutDays)} days closed, × ${growth.toFixed(2)}`,
  table: "maker's table, just cycled",
});

export function TorqueLegend({ torque }: { torque: TorquePicture }) {
  const name = names(torque);
  return (
    <LineKey
      lines={(["asked", "grown", "table"] as const).map((id) => ({
        name: name[id],
        width: lineStyles[id].width,
        dashes: dashes[lineStyles[id].type],
        colour: `var(--${lineStyles[id].colour})`,
      }))}
    />
  );
}

/** Parts of the service factor. */
export const factorWords = ({ factorReasons, factorSetAside, appliedFactor }: TorquePicture): string => {
  const total = factorReasons.reduce((sum, { adds }) => sum + adds, 0);
  const parts = factorReasons.map(({ why, adds }) => `${why} ${figure(adds)}`).join(" + ");
  const aside =
    factorSetAside.length === 0
      ? ""
      : `; set aside: ${factorSetAside.map(({ why, adds }) => `${why} ${figure(adds)}`).join(", ")}`;
  return `factor ${total.toFixed(2)}: ${parts}${aside}${appliedFactor < total ? `; the maker's torque includes ${(total / appliedFactor).toFixed(2)}` : ""}`;
};
