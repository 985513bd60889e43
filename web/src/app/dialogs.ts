/** What opens in front of a room, fetched in one piece once the room stands. */
export { default as CommandBar } from "./command-bar.tsx";
export { default as KeysDialog } from "./keys-dialog.tsx";
export { default as LegendDialog } from "./legend-dialog.tsx";
export { default as UnitsDialog } from "./units-dialog.tsx";
