/** Line list in: file, columns, preview, faults; all of it or nothing. */
export declare function ImportRoom(): import("react").JSX.Element;
//# sourceMappingURL=import-room.d.ts.map
