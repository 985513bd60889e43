/** The dialogs of every room, fetched together. */
export { default as CommandBar } from "./command-bar.tsx";
export { default as LegendDialog } from "./legend-dialog.tsx";
export { default as ShortcutsDialog } from "./shortcuts-dialog.tsx";
export { default as UnitsDialog } from "./units-dialog.tsx";
