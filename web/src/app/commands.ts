import { create } from "zustand";
import type { ShortcutKey } from "../parts/shortcut-keys.ts";

/** Something the command bar can do in the room that is shown. */
export interface Command {
  readonly name: string;
  /** The default key of a shortcut the user can change. */
  readonly key?: ShortcutKey;
  /** Keys that cannot be changed, as shown. */
  readonly keys?: string;
  readonly act: () => void;
}

interface CommandState {
  readonly ofRoom: readonly Command[];
  readonly setOfRoom: (commands: readonly Command[]) => void;
}

/** Actions of the room in front; the room sets them while it is shown. */
export const useCommands = create<CommandState>()((set) => ({
  ofRoom: [],
  setOfRoom: (ofRoom) => set({ ofRoom }),
}));
