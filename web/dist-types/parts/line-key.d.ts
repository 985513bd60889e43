interface Keyed {
  readonly name: string;
  readonly width: number;
  readonly dashes?: string | undefined;
  /** CSS colour. */
  readonly colour: string;
}
/** What each line of a picture is, beside a piece of it. */
export declare function LineKey({ lines }: { lines: readonly Keyed[] }): import("react").JSX.Element;
//# sourceMappingURL=line-key.d.ts.map
