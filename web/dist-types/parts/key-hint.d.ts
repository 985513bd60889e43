/** A key shown where it acts. */
export declare function KeyHint({ children }: { children: string }): import("react").JSX.Element;
//# sourceMappingURL=key-hint.d.ts.map
