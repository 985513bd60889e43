import { create } from "zustand";
import { persist } from "zustand/middleware";

/**
 * Every shortcut of a single character, by its default key. Speech input can produce such characters by mistake, so each
 * can be changed and all can be turned off (WCAG 2.1.4).
 */
export const shortcutKeys = {
  "/": "Search or run a command",
  "?": "Legend",
  n: "Add a tag",
  i: "Import a line list",
  f: "Search the line-up",
  j: "Next row",
  k: "Previous row; compare the selected valve",
  a: "Add an operating case",
  c: "Choose the selected valve",
  v: "Override with a reason",
  l: "Next list below the picture",
  o: "Change the order of candidates",
  d: "Tick the step and go to the next one",
  "[": "Previous station",
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
export type ShortcutKey = `${keyof typeof shortcutKeys}`;

/** The default keys in the order of the dialog. An object lists digits first; here they come last. */
export const shortcutKeyList = (Object.keys(shortcutKeys) as ShortcutKey[]).sort(
  (a, b) => Number(/\d/.test(a)) - Number(/\d/.test(b)),
);

interface KeyChoices {
  readonly on: boolean;
  /** Keys the user has assigned, by default key. */
  readonly changed: Readonly<Partial<Record<ShortcutKey, string>>>;
  readonly set: (change: Partial<Pick<KeyChoices, "on" | "changed">>) => void;
}

/** The shortcut keys of this user, saved on this device. */
export const useKeyChoices = create<KeyChoices>()(
  persist((set) => ({ on: true, changed: {}, set }), {
    name: "proven-seat-keys",
    partialize: ({ on, changed }) => ({ on, changed }),
  }),
);

type Choices = Pick<KeyChoices, "on" | "changed">;

/** The key that is assigned to a shortcut. */
export const assignedKey = ({ changed }: Choices, shortcut: ShortcutKey): string =>
  changed[shortcut] ?? shortcut;

/** The shortcut a pressed key is assigned to; undefined if there is none, or shortcuts are off. */
export const shortcutFor = (choices: Choices, pressed: string): ShortcutKey | undefined =>
  choices.on ? shortcutKeyList.find((shortcut) => assignedKey(choices, shortcut) === pressed) : undefined;

/** Why a key cannot be assigned to a shortcut; null if it can. */
export function keyTrouble(choices: Choices, shortcut: ShortcutKey, key: string): string | null {
  if ([...key].length !== 1 || key.trim() === "") return "Type a single character.";
  const user = shortcutKeyList.find((other) => other !== shortcut && assignedKey(choices, other) === key);
  return user === undefined ? null : `"${key}" is already used for "${shortcutKeys[user]}".`;
}

/** The key of a shortcut as shown beside its button; null if shortcuts are off. */
export const useKeyLabel = (shortcut: ShortcutKey | undefined): string | null =>
  useKeyChoices((choices) =>
    choices.on && shortcut !== undefined ? assignedKey(choices, shortcut).toUpperCase() : null,
  );
