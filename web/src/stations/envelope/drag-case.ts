import { convertUnit, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import { useBench } from "../../bench/bench-store.ts";

/** A case moved in the picture: pressure and temperature as the axes read. */
export function moveCase(id: string, pressure: number, temperature: number, reading: Reading): void {
  const { content, editCase } = useBench.getState();
  const c = content?.duty.cases.find((operatingCase) => operatingCase.id === id);
  if (!c) return;
  const bar = convertUnit(pressure, "pressure", shownUnit("pressure", reading), "bar g");
  const temperatureC = convertUnit(temperature, "temperature", shownUnit("temperature", reading), "°C");
  const far = (c.flow === "reverse" ? c.upstreamBarG : c.downstreamBarG) ?? -1.01325;
  // The driving side stays the higher one, and no value gets finer than a hand can place it.
  const driving = Math.min(
    1000,
    Math.max(far, Math.round(bar * (Math.abs(bar) < 10 ? 20 : 2)) / (Math.abs(bar) < 10 ? 20 : 2)),
  );
  editCase(id, {
    [c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG"]: driving,
    temperatureC: Math.min(1200, Math.max(-270, Math.round(temperatureC))),
  });
}

/** One drag is one step to undo: the first move is recorded, later ones join it. */
export const draggedOnce = () => {
  const { pause, resume } = useBench.temporal.getState();
  let moved = false;
  return {
    move: (act: () => void) => {
      act();
      if (!moved) pause();
      moved = true;
    },
    end: () => {
      if (moved) resume();
    },
  };
};
