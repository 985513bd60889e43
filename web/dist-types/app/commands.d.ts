/** Something the command bar can do in the room that is shown. */
export interface Command {
  readonly name: string;
  readonly keys?: string;
  readonly act: () => void;
}
interface CommandState {
  readonly ofRoom: readonly Command[];
  readonly setOfRoom: (commands: readonly Command[]) => void;
}
/** Actions of the room in front; the room sets them while it is shown. */
export declare const useCommands: import("zustand").UseBoundStore<import("zustand").StoreApi<CommandState>>;
//# sourceMappingURL=commands.d.ts.map
