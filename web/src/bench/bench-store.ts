import type { Choice, Tag } from "@proven-seat/contract";
import { type CaseKind, type Duty, newCase, type OperatingCase } from "@proven-seat/core/duty";
import type { Order } from "@proven-seat/core/judgement/proof";
import { temporal } from "zundo";
import { create } from "zustand";
import { contentOf, type TagContent } from "./content.ts";

export type SaveState =
  | { readonly kind: "saved"; readonly at: Date }
  | { readonly kind: "unsaved" }
  | { readonly kind: "saving" }
  | { readonly kind: "kept"; readonly why: string }
  | { readonly kind: "stale"; readonly current: Tag };

interface BenchState {
  readonly tagId: string | null;
  readonly version: number;
  readonly content: TagContent | null;
  /** Remarks from its list; they are not edited here. */
  readonly remarks: Readonly<Record<string, string>>;
  /** Texts that are no valid numbers, by path: kept as typed. */
  readonly unreadable: Readonly<Record<string, string>>;
  readonly save: SaveState;
  readonly order: Order;
  readonly selected: string | null;
  /** Candidates for comparison, at most four; a fifth replaces the oldest. */
  readonly compared: readonly string[];

  readonly open: (
    tag: Tag,
    draft: { content: TagContent; unreadable: Record<string, string> } | null,
  ) => void;
  readonly editTag: (change: Partial<Pick<TagContent, "number" | "service" | "unit">>) => void;
  readonly editDuty: (change: Partial<Duty>) => void;
  readonly editCase: (id: string, change: Partial<OperatingCase>) => void;
  readonly addCase: (kind?: CaseKind) => void;
  readonly copyCase: (id: string) => void;
  readonly removeCase: (id: string) => void;
  readonly choose: (choice: Choice | null) => void;
  readonly setUnreadable: (path: string, text: string) => void;
  readonly clearUnreadable: (path: string) => void;
  readonly setSave: (save: SaveState, version?: number) => void;
  readonly setOrder: (order: Order) => void;
  readonly take: (candidate: string | null) => void;
  readonly compare: (candidate: string) => void;
  readonly dropCompared: (candidate: string) => void;
}

const nextId = (cases: readonly OperatingCase[]) => {
  const used = new Set(cases.map((c) => c.id));
  let n = cases.length + 1;
  while (used.has(`c${n}`)) n++;
  return `c${n}`;
};

/** The edited tag: content with undo, its save state, and the selected candidate. */
export const useBench = create<BenchState>()(
  temporal(
    (set, get) => {
      const edit = (change: (content: TagContent) => TagContent) => {
        const { content, save } = get();
        if (content)
          set({ content: change(content), save: save.kind === "stale" ? save : { kind: "unsaved" } });
      };
      const editCases = (change: (cases: OperatingCase[]) => OperatingCase[]) =>
        edit((content) => ({ ...content, duty: { ...content.duty, cases: change(content.duty.cases) } }));
      return {
        tagId: null,
        version: 0,
        content: null,
        remarks: {},
        unreadable: {},
        save: { kind: "saved", at: new Date(0) },
        order: "price",
        selected: null,
        compared: [],

        open: (tag, draft) =>
          set({
            tagId: tag.id,
            version: tag.version,
            content: draft?.content ?? contentOf(tag),
            remarks: tag.remarks,
            unreadable: draft?.unreadable ?? {},
            save: draft ? { kind: "unsaved" } : { kind: "saved", at: new Date(tag.updatedAt) },
            selected: null,
            compared: [],
          }),
        editTag: (change) => edit((content) => ({ ...content, ...change })),
        editDuty: (change) => edit((content) => ({ ...content, duty: { ...content.duty, ...change } })),
        editCase: (id, change) =>
          editCases((cases) => cases.map((c) => (c.id === id ? { ...c, ...change } : c))),
        addCase: (kind) =>
          edit((content) => {
            const { cases } = content.duty;
            const next = newCase(
              kind ?? (cases.length === 0 ? "normal" : "maximum"),
              content.duty,
              nextId(cases),
            );
            const isUsed = cases.some((c) => c.name === next.name);
            const added = isUsed ? { ...next, name: `${next.name} ${cases.length + 1}` } : next;
            return { ...content, duty: { ...content.duty, cases: [...cases, added] } };
          }),
        copyCase: (id) =>
          editCases((cases) =>
            cases.flatMap((c) =>
              c.id === id ? [c, { ...c, id: nextId(cases), name: `${c.name.slice(0, 50)} copy` }] : [c],
            ),
          ),
        removeCase: (id) => editCases((cases) => cases.filter((c) => c.id !== id)),
        choose: (choice) => edit((content) => ({ ...content, choice })),
        setUnreadable: (path, text) =>
          set({ unreadable: { ...get().unreadable, [path]: text }, save: { kind: "unsaved" } }),
        clearUnreadable: (path) => {
          const { [path]: gone, ...rest } = get().unreadable;
          if (gone !== undefined) set({ unreadable: rest });
        },
        setSave: (save, version) => set(version === undefined ? { save } : { save, version }),
        setOrder: (order) => set({ order }),
        take: (selected) => set({ selected }),
        compare: (candidate) =>
          set(({ compared }) => ({
            compared: [...compared.filter((c) => c !== candidate), candidate].slice(-4),
          })),
        dropCompared: (candidate) =>
          set(({ compared }) => ({ compared: compared.filter((c) => c !== candidate) })),
      };
    },
    { partialize: ({ content }) => ({ content }), equality: (a, b) => a.content === b.content, limit: 200 },
  ),
);

const step = (which: "undo" | "redo") => () => {
  const before = useBench.getState().content;
  useBench.temporal.getState()[which]();
  if (useBench.getState().content !== before)
    useBench.setState({ save: { kind: "unsaved" }, unreadable: {} });
};
export const undo = step("undo");
export const redo = step("redo");
