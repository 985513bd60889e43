/** How the lines of the stroke picture are drawn, in the picture and in its legend. */
export declare const lineStyles: {
  readonly needed: {
    readonly name: "demand × factor";
    readonly width: 2.4;
    readonly type: "solid";
    readonly colour: "ink";
  };
  readonly demand: {
    readonly name: "demand";
    readonly width: 1;
    readonly type: "dotted";
    readonly colour: "dim";
  };
  readonly low: {
    readonly name: "output, lowest supply";
    readonly width: 1.8;
    readonly type: "solid";
    readonly colour: "holds";
  };
  readonly high: {
    readonly name: "output, highest supply";
    readonly width: 1.2;
    readonly type: "dashed";
    readonly colour: "cannot tell";
  };
};
export declare function StrokeLegend(): import("react").JSX.Element;
//# sourceMappingURL=stroke-lines.d.ts.map
