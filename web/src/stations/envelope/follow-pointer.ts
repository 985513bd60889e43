import { convertUnit, figureText, type Reading, shownUnit } from "@proven-seat/core/basis/units";
import type { Envelope } from "@proven-seat/core/judgement/proof";
import { type CasePoint, heldAt } from "./case-points.ts";
import { draggedOnce, moveCase } from "./drag-case.ts";

/** The drawn state, read again at each move. */
interface Stage {
  readonly chart: () => {
    convertToPixel: (finder: "grid", value: number[]) => number[];
    convertFromPixel: (finder: "grid", value: number[]) => number[];
  };
  readonly points: () => readonly CasePoint[];
  readonly envelope: () => Envelope;
  readonly reading: () => Reading;
  readonly say: (text: string) => void;
}

/** Distance, in pixels, at which a case can be grabbed. */
const reach = 14;

/** Shows the limit at the pointer, and lets a case be dragged. */
export function followPointer(element: HTMLElement, stage: Stage): () => void {
  const pointOf = (event: PointerEvent): [number, number] => {
    const { left, top } = element.getBoundingClientRect();
    return [event.clientX - left, event.clientY - top];
  };
  const nearest = ([x, y]: [number, number]): string | null => {
    let found: { id: string; distance: number } | null = null;
    for (const c of stage.points()) {
      const [cx, cy] = stage.chart().convertToPixel("grid", [c.temperature, c.pressure]) as [number, number];
      const distance = Math.hypot(cx - x, cy - y);
      if (distance < reach && (found === null || distance < found.distance)) found = { id: c.id, distance };
    }
    return found?.id ?? null;
  };
  const readOut = (temperature: number) => {
    const reading = stage.reading();
    const celsius = convertUnit(temperature, "temperature", shownUnit("temperature", reading), "°C");
    const held = heldAt(stage.envelope(), celsius);
    const where = `at ${figureText(celsius, "°C", reading)}`;
    stage.say(
      held
        ? `${where}: ${figureText(held.bar, "bar", reading)}${held.passing ? ", flow only" : ""}, ${held.name}`
        : `${where}: outside the range of every part`,
    );
  };
  let held: { id: string; step: ReturnType<typeof draggedOnce> } | null = null;
  const down = (event: PointerEvent) => {
    const id = nearest(pointOf(event));
    if (id === null) return;
    held = { id, step: draggedOnce() };
    element.setPointerCapture(event.pointerId);
    event.preventDefault();
  };
  const move = (event: PointerEvent) => {
    const place = pointOf(event);
    const [temperature, pressure] = stage.chart().convertFromPixel("grid", place) as [number, number];
    readOut(temperature);
    element.style.cursor = held || nearest(place) !== null ? "grab" : "";
    if (!held) return;
    const { id } = held;
    held.step.move(() => moveCase(id, pressure, temperature, stage.reading()));
  };
  const up = () => {
    held?.step.end();
    held = null;
  };
  const away = () => stage.say("");
  element.addEventListener("pointerdown", down, true);
  element.addEventListener("pointermove", move);
  element.addEventListener("pointerup", up);
  element.addEventListener("pointercancel", up);
  element.addEventListener("pointerleave", away);
  return () => {
    up();
    element.removeEventListener("pointerdown", down, true);
    element.removeEventListener("pointermove", move);
    element.removeEventListener("pointerup", up);
    element.removeEventListener("pointercancel", up);
    element.removeEventListener("pointerleave", away);
  };
}
