/**
 * Binds keys while a room is shown. Plain letters are left alone while someone types or a dialog is
 * open; "mod+" means Ctrl or Command and works everywhere.
 */
export declare function useShortcuts(bindings: Record<string, (() => void) | undefined>): void;
//# sourceMappingURL=shortcuts.d.ts.map
