/** The five marks; with `explained` their meaning stands beside them. */
export declare function Legend({ explained }: { explained?: boolean }): import("react").JSX.Element;
//# sourceMappingURL=legend.d.ts.map
