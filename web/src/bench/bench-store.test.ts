// @vitest-environment happy-dom
import { emptyDuty } from "@proven-seat/core/duty";
import { beforeEach, describe, expect, it } from "vitest";
import { aTag as tag } from "../../test/a-tag.ts";
import { redo, undo, useBench } from "./bench-store.ts";
import { contentOf } from "./content.ts";
import { differencesBetween } from "./differences.ts";
import { dropDraft, keepDraft, readDraft } from "./drafts.ts";
import { faultsOf } from "./faults.ts";

const cases = () => useBench.getState().content!.duty.cases;

beforeEach(() => {
  useBench.getState().open(tag, null);
  useBench.temporal.getState().clear();
});

describe("bench store", () => {
  it("adds, copies, edits and removes cases with ids of their own", () => {
    const { addCase, copyCase, editCase, removeCase } = useBench.getState();
    addCase();
    addCase();
    copyCase(cases()[0]!.id);
    editCase(cases()[1]!.id, { temperatureC: 40 });
    expect(new Set(cases().map((c) => c.id)).size).toBe(3);
    expect(cases().map((c) => c.temperatureC)).toEqual([null, 40, null]);
    removeCase(cases()[0]!.id);
    addCase();
    expect(new Set(cases().map((c) => c.id)).size).toBe(3);
  });
  it("gives a second case of a kind a number, and only that", () => {
    const { addCase } = useBench.getState();
    for (const kind of ["maximum", "minimum", "maximum"] as const) addCase(kind);
    const names = cases().map((c) => c.name);
    expect(names[1]).not.toMatch(/\d/);
    expect(names[2]).toBe(`${names[0]} 3`);
  });
  it("takes a number of forty characters, and reports a longer one", () => {
    const content = useBench.getState().content!;
    expect(faultsOf({ ...content, number: "X".repeat(40) })).toEqual({});
    expect(faultsOf({ ...content, number: "X".repeat(41) })).toEqual({ number: "At most 40 characters." });
    expect(faultsOf({ ...content, service: "s".repeat(120) })).toEqual({});
    expect(faultsOf({ ...content, service: "s".repeat(121) })).toEqual({
      service: "At most 120 characters.",
    });
  });
  it("undoes and redoes edits, and marks them unsaved", () => {
    useBench.getState().editDuty({ dn: 50 });
    useBench.getState().setSave({ kind: "saved", at: new Date() });
    undo();
    expect(useBench.getState().content!.duty.dn).toBeNull();
    expect(useBench.getState().save.kind).toBe("unsaved");
    redo();
    expect(useBench.getState().content!.duty.dn).toBe(50);
    undo();
    undo();
    expect(useBench.getState().content!.number).toBe("XV-1");
  });
  it("keeps unreadable text until it is valid", () => {
    useBench.getState().setUnreadable("dn", "155");
    expect(useBench.getState().unreadable).toEqual({ dn: "155" });
    useBench.getState().clearUnreadable("dn");
    expect(useBench.getState().unreadable).toEqual({});
  });
  it("keeps a conflict in sight while the user types on", () => {
    useBench.getState().setSave({ kind: "stale", current: tag });
    useBench.getState().editTag({ service: "mine" });
    expect(useBench.getState().save.kind).toBe("stale");
  });
});

describe("drafts and differences", () => {
  it("restores a draft as it was stored", () => {
    const draft = { version: 3, content: contentOf(tag), unreadable: { dn: "155" } };
    keepDraft(tag.id, draft);
    expect(readDraft(tag.id)).toEqual(draft);
    dropDraft(tag.id);
    expect(readDraft(tag.id)).toBeNull();
  });
  it("ignores a broken draft", () => {
    localStorage.setItem(`proven-seat-draft-${tag.id}`, "{broken");
    expect(readDraft(tag.id)).toBeNull();
  });
  it("names every field in which two versions differ", () => {
    const mine = contentOf(tag);
    const theirs = { ...mine, service: "other", duty: { ...mine.duty, dn: 80 } };
    expect(differencesBetween(mine, theirs)).toEqual(
      expect.arrayContaining([
        { path: "service", yours: "feed", theirs: "other" },
        { path: "duty · dn", yours: "blank", theirs: "80" },
      ]),
    );
    expect(differencesBetween(mine, mine)).toEqual([]);
  });
  it("finds faults by path", () => {
    expect(faultsOf({ ...contentOf(tag), number: " " })).toEqual({ number: "Enter a tag number." });
    expect(
      Object.keys(
        faultsOf({ ...contentOf(tag), duty: { ...emptyDuty, airMinimumBarG: 9, airMaximumBarG: 5 } }),
      ),
    ).toEqual(["airMaximumBarG"]);
  });
});
