/** The tag list: one row a tag, one mark a station, the sentence that holds it back. */
export declare function LineUp(): import("react").JSX.Element;
//# sourceMappingURL=line-up.d.ts.map
