import type { Envelope } from "@proven-seat/core/proof";
/** How the limits are drawn, in the picture and in its key. */
export declare const limitDashes: {
  body: number[];
  seat: number[];
};
export declare function EnvelopeLegend({ envelope }: { envelope: Envelope }): import("react").JSX.Element;
//# sourceMappingURL=envelope-lines.d.ts.map
