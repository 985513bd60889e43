import type { Verdict } from "../../judgement/rules/finding.ts";
import type { Drawing } from "./drawing.ts";

/** Label and value. */
export type Pair = readonly [label: string, value: string];

export interface Column {
  readonly heading: string;
  /** Share of the width. */
  readonly share: number;
  /** Set as figures, to the right. */
  readonly figures: boolean;
}

/** A finding as a row: value against limit, margin, governing case; below it inputs with origin, and its source. */
export interface FindingRow {
  readonly rule: string;
  readonly verdict: Verdict;
  readonly asks: string;
  readonly figures: string;
  readonly margin: string;
  readonly caseName: string;
  readonly small: string;
}

/** A part of a document, from top to bottom. */
export type Block =
  | {
      /** Groups of label and value, side by side where there is room. */
      readonly kind: "pairs";
      readonly groups: readonly { readonly name: string; readonly pairs: readonly Pair[] }[];
    }
  | { readonly kind: "remark"; readonly words: string }
  | {
      readonly kind: "table";
      readonly name: string;
      readonly columns: readonly Column[];
      readonly rows: readonly (readonly string[])[];
    }
  | {
      readonly kind: "verdict";
      readonly verdict: Verdict;
      readonly says: string;
      readonly counts: string;
      /** Text that must not be overlooked, such as an override. */
      readonly warning: string | null;
      readonly notes: string;
    }
  | {
      /** An address as a code for a tablet, with what it opens. */
      readonly kind: "code";
      readonly address: string;
      readonly says: string;
      /** Additional text; empty for none. */
      readonly more: string;
    }
  | { readonly kind: "cautions"; readonly words: readonly string[] }
  | {
      readonly kind: "pictures";
      readonly pictures: readonly {
        readonly name: string;
        readonly drawing: Drawing;
        /** Legend of its numbers and lines; empty where the name is enough. */
        readonly caption: string;
      }[];
    }
  | { readonly kind: "signatures"; readonly lines: readonly { readonly role: string; readonly by: string }[] }
  | {
      /** Starts on a new page. */
      readonly kind: "findings";
      readonly groups: readonly { readonly name: string; readonly rows: readonly FindingRow[] }[];
      readonly notAsked: readonly string[];
    };

/** A document as data: the same words on paper and on screen. How it is drawn is the renderer's. */
export interface PrintedDocument {
  /** Kind of document. */
  readonly name: string;
  /** Its subject: a tag, a project. */
  readonly of: string;
  readonly where: string;
  readonly issued: string;
  readonly blocks: readonly Block[];
  /** Its inputs, and their digest. */
  readonly fingerprint: { readonly madeOf: string; readonly digest: string };
}
