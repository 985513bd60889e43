/** What is shown when a room itself breaks: what was kept, and what to do. */
export declare function RoomFailure(): import("react").JSX.Element;
//# sourceMappingURL=room-failure.d.ts.map
