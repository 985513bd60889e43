/** Header, room, footer. The room fills the header's middle and the footer's right end. */
export declare function Shell(): import("react").JSX.Element;
//# sourceMappingURL=shell.d.ts.map
