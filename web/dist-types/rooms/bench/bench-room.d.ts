/** Opens a tag on the bench: what the server has, or what was kept unsaved on this device. */
export declare function BenchRoom(): import("react").JSX.Element;
//# sourceMappingURL=bench-room.d.ts.map
