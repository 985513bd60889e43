import { create } from "zustand";
import { persist } from "zustand/middleware";

/**
 * Every single character that does something while nobody types, and what it does. Speech input types letters too, so
 * each can be given to another character and all of them can be switched off (WCAG 2.1.4).
 */
export const plainKeys = {
  "/": "Find or do",
  "?": "Legend",
  n: "Add a tag",
  i: "Import a line list",
  f: "Search the line-up",
  j: "Next row",
  k: "Row before; compare the valve in hand",
  a: "Add an operating case",
  c: "Choose the valve in hand",
  v: "Override with a reason",
  l: "Next list below the picture",
  o: "Next order of the candidates",
  d: "Tick a step of the plan and go on",
  "[": "Station before",
  "]": "Next station",
  1: "First station",
  2: "Second station",
  3: "Third station",
  4: "Fourth station",
  5: "Fifth station",
  6: "Sixth station",
  7: "Seventh station",
  8: "Eighth station",
  9: "Ninth station",
} as const;
export type PlainKey = `${keyof typeof plainKeys}`;

/** In the order they are listed: digits last, which an object puts first. */
export const allPlainKeys = (Object.keys(plainKeys) as PlainKey[]).sort(
  (a, b) => Number(/\d/.test(a)) - Number(/\d/.test(b)),
);

interface KeysState {
  readonly on: boolean;
  /** Characters that stand in for the usual ones, by the usual one. */
  readonly changed: Readonly<Partial<Record<PlainKey, string>>>;
  readonly set: (change: Partial<Pick<KeysState, "on" | "changed">>) => void;
}

/** What this reader made of the single-character keys. Kept on this device. */
export const useKeys = create<KeysState>()(
  persist((set) => ({ on: true, changed: {}, set }), {
    name: "proven-seat-keys",
    partialize: ({ on, changed }) => ({ on, changed }),
  }),
);

type Keys = Pick<KeysState, "on" | "changed">;

/** The character that acts for a usual one. */
export const actingKey = ({ changed }: Keys, usual: PlainKey): string => changed[usual] ?? usual;

/** The usual key a pressed character stands for; undefined for one that does nothing. */
export const usualKey = (keys: Keys, pressed: string): PlainKey | undefined =>
  keys.on ? allPlainKeys.find((usual) => actingKey(keys, usual) === pressed) : undefined;

/** Why a character cannot stand in for a usual one; null where it can. */
export function keyTrouble(keys: Keys, usual: PlainKey, wanted: string): string | null {
  if ([...wanted].length !== 1 || wanted.trim() === "") return "Type one character.";
  const user = allPlainKeys.find((other) => other !== usual && actingKey(keys, other) === wanted);
  return user === undefined ? null : `"${wanted}" is taken: ${plainKeys[user]}.`;
}

/** A usual key as it is shown where it acts; null where single characters are switched off. */
export const useShownKey = (usual: PlainKey | undefined): string | null =>
  useKeys((keys) => (keys.on && usual !== undefined ? actingKey(keys, usual).toUpperCase() : null));
