import { create } from "zustand";
import type { PlainKey } from "../parts/keys.ts";

/** Something the command bar can do in the room that is shown. */
export interface Command {
  readonly name: string;
  /** A single character the reader may change. */
  readonly key?: PlainKey;
  /** Keys that stay as they are, as they are shown. */
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
