import type { Choice, Tag } from "@proven-seat/contract";
import type { Duty, OperatingCase } from "@proven-seat/core/duty";
import type { Order } from "@proven-seat/core/proof";
import { type TagContent } from "./content.ts";
export type SaveState =
  | {
      readonly kind: "saved";
      readonly at: Date;
    }
  | {
      readonly kind: "unsaved";
    }
  | {
      readonly kind: "saving";
    }
  | {
      readonly kind: "kept";
      readonly why: string;
    }
  | {
      readonly kind: "stale";
      readonly current: Tag;
    };
interface BenchState {
  readonly tagId: string | null;
  readonly version: number;
  readonly content: TagContent | null;
  /** Texts that could not be read as figures, by path: kept as typed. */
  readonly unreadable: Readonly<Record<string, string>>;
  readonly save: SaveState;
  readonly order: Order;
  readonly inHand: string | null;
  readonly open: (
    tag: Tag,
    draft: {
      content: TagContent;
      unreadable: Record<string, string>;
    } | null,
  ) => void;
  readonly editTag: (change: Partial<Pick<TagContent, "number" | "service" | "unit">>) => void;
  readonly editDuty: (change: Partial<Duty>) => void;
  readonly editCase: (id: string, change: Partial<OperatingCase>) => void;
  readonly addCase: () => void;
  readonly copyCase: (id: string) => void;
  readonly removeCase: (id: string) => void;
  readonly choose: (choice: Choice | null) => void;
  readonly setUnreadable: (path: string, text: string) => void;
  readonly clearUnreadable: (path: string) => void;
  readonly setSave: (save: SaveState, version?: number) => void;
  readonly setOrder: (order: Order) => void;
  readonly take: (candidate: string | null) => void;
}
/** The bench being edited: content with undo, what is saved of it, and what is in hand. */
export declare const useBench: import("zustand").UseBoundStore<
  Omit<import("zustand").StoreApi<BenchState>, "temporal"> & {
    temporal: import("zustand").StoreApi<
      import("zundo").TemporalState<{
        content: TagContent | null;
      }>
    >;
  }
>;
export declare const undo: () => void;
export declare const redo: () => void;
//# sourceMappingURL=bench-store.d.ts.map
