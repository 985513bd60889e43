// @vitest-environment happy-dom
import type { Tag } from "@proven-seat/contract";
import { act, cleanup, render } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { aTag as tag } from "../../test/a-tag.ts";
import { answering, problem } from "../../test/answers.tsx";
import { undo, useBench } from "./bench-store.ts";
import { readDraft } from "./drafts.ts";
import { saveNow, useAutosave } from "./saving.ts";

const address = `/api/tags/${tag.id}`;
const state = () => useBench.getState();
const saved = (change: Partial<Tag> = {}) => ({ [`PUT ${address}`]: { ...tag, version: 4, ...change } });

function Autosave() {
  useAutosave();
  return null;
}
const wait = (milliseconds: number) =>
  act(async () => void (await vi.advanceTimersByTimeAsync(milliseconds)));

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  state().open(tag, null);
  useBench.temporal.getState().clear();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("autosave", () => {
  it("stores an edit on this device at once, and on the server after half a second", async () => {
    const { asked } = answering(saved({ service: "recycle" }));
    render(<Autosave />);
    act(() => state().editTag({ service: "recycle" }));
    expect(readDraft(tag.id)?.content.service).toBe("recycle");
    await wait(400);
    expect(asked).toEqual([]);
    await wait(200);
    expect(asked).toMatchObject([{ method: "PUT", body: { service: "recycle", version: 3 } }]);
    expect(state().save.kind).toBe("saved");
    expect(state().version).toBe(4);
    expect(readDraft(tag.id)).toBeNull();
  });
  it("saves once for a burst of edits", async () => {
    const { asked } = answering(saved());
    render(<Autosave />);
    for (const service of ["r", "re", "rec", "recy"]) {
      act(() => state().editTag({ service }));
      await wait(100);
    }
    await wait(600);
    expect(asked).toHaveLength(1);
    expect(asked[0]!.body).toMatchObject({ service: "recy" });
  });
  it("saves again what was edited during a save, on the new version", async () => {
    let answer: (response: Response) => void = () => undefined;
    const { asked } = answering(saved({ version: 5 }));
    const real = fetch;
    vi.stubGlobal("fetch", (...parameters: Parameters<typeof fetch>) => {
      if (asked.length > 0) return real(...parameters);
      asked.push({ method: "PUT", address, body: JSON.parse(String(parameters[1]!.body)) });
      return new Promise<Response>((done) => {
        answer = done;
      });
    });
    render(<Autosave />);
    act(() => state().editTag({ service: "one" }));
    await wait(600);
    expect(state().save.kind).toBe("saving");
    act(() => state().editTag({ service: "two" }));
    await act(async () => answer(new Response(JSON.stringify({ ...tag, version: 4, service: "one" }))));
    await wait(600);
    expect(asked.map((a) => (a.body as { version: number }).version)).toEqual([3, 4]);
    expect(state()).toMatchObject({ version: 5, save: { kind: "saved" } });
    expect(state().content!.service).toBe("two");
  });
  it("keeps edits while the server cannot be reached, reports it, and tries again", async () => {
    vi.stubGlobal("fetch", async () => Promise.reject(new TypeError("no network")));
    render(<Autosave />);
    act(() => state().editTag({ service: "offline" }));
    await wait(600);
    expect(state().save).toMatchObject({ kind: "kept", why: expect.stringMatching(/cannot be reached/) });
    expect(readDraft(tag.id)?.content.service).toBe("offline");
    const { asked } = answering(saved({ service: "offline" }));
    await wait(3500);
    expect(asked).toHaveLength(1);
    expect(state().save.kind).toBe("saved");
  });
  it("tries at once when the connection comes back", async () => {
    vi.stubGlobal("fetch", async () => Promise.reject(new TypeError("no network")));
    render(<Autosave />);
    act(() => state().editTag({ service: "offline" }));
    await wait(600);
    answering(saved());
    await act(async () => void window.dispatchEvent(new Event("online")));
    await wait(1);
    expect(state().save.kind).toBe("saved");
  });
  it("does not send unreadable or invalid entries, and reports their number", async () => {
    const { asked } = answering(saved());
    render(<Autosave />);
    act(() => state().setUnreadable("dn", "155"));
    await wait(600);
    expect(state().save).toEqual({ kind: "kept", why: "correct 1 entry before saving" });
    act(() => state().editTag({ number: " " }));
    await wait(600);
    expect(state().save).toEqual({ kind: "kept", why: "correct 2 entries before saving" });
    expect(asked).toEqual([]);
    expect(readDraft(tag.id)?.unreadable).toEqual({ dn: "155" });
    act(() => {
      state().clearUnreadable("dn");
      state().editTag({ number: "XV-1" });
    });
    await wait(600);
    expect(asked).toHaveLength(1);
  });
  it("shows the other version of a conflict, and sends nothing more until it is decided", async () => {
    const theirs = { ...tag, version: 9, service: "theirs" };
    const refused = new Response(
      JSON.stringify({ type: "/problems/stale", title: "", status: 409, detail: "changed", current: theirs }),
      { status: 409, headers: { "content-type": "application/problem+json" } },
    );
    const { asked } = answering({ [`PUT ${address}`]: refused });
    render(<Autosave />);
    act(() => state().editTag({ service: "mine" }));
    await wait(600);
    expect(state().save).toEqual({ kind: "stale", current: theirs });
    act(() => state().editTag({ service: "mine still" }));
    await wait(5000);
    expect(asked).toHaveLength(1);
    expect(readDraft(tag.id)?.content.service).toBe("mine still");
  });
  it("recognises its own save, whose answer was lost, in a refusal", async () => {
    const stored: Tag = { ...tag, version: 4, service: "recycle" };
    const refused = new Response(
      JSON.stringify({ type: "/problems/stale", title: "", status: 409, detail: "changed", current: stored }),
      { status: 409, headers: { "content-type": "application/problem+json" } },
    );
    answering({ [`PUT ${address}`]: refused });
    act(() => state().editTag({ service: "recycle" }));
    await act(async () => void (await saveNow()));
    expect(state().save.kind).toBe("saved");
    expect(state().version).toBe(4);
    expect(readDraft(tag.id)).toBeNull();
  });
  it("shows why the server refuses anything else", async () => {
    answering({ [`PUT ${address}`]: problem(422, "number: A tag of that number is there already.") });
    render(<Autosave />);
    act(() => state().editTag({ number: "XV-2" }));
    await wait(600);
    expect(state().save).toEqual({ kind: "kept", why: "number: A tag of that number is there already." });
  });
  it("saves an undone edit too", async () => {
    const { asked } = answering(saved());
    render(<Autosave />);
    act(() => state().editTag({ service: "wrong" }));
    await wait(600);
    act(() => undo());
    await wait(600);
    expect(asked.map((a) => (a.body as { service: string }).service)).toEqual(["wrong", "feed"]);
  });
});

describe("saving on demand", () => {
  it("sends nothing where all is saved", async () => {
    const { asked } = answering({});
    await saveNow();
    expect(asked).toEqual([]);
  });
  /** Opens another tag during a save, and then lets the save be answered. */
  async function leaveBeforeAnswer(response: Response): Promise<void> {
    let answer: (response: Response) => void = () => undefined;
    vi.stubGlobal("fetch", () => new Promise<Response>((done) => (answer = done)));
    state().editTag({ service: "left" });
    const saving = saveNow();
    await vi.advanceTimersByTimeAsync(0);
    state().open({ ...tag, id: "00000000-0000-4000-8000-000000000009", version: 1 }, null);
    answer(response);
    await saving;
  }
  it("does not report saved for a tag that was left", async () => {
    await leaveBeforeAnswer(new Response(JSON.stringify({ ...tag, version: 4 })));
    expect(state().version).toBe(1);
  });
  it("does not report a refusal for a tag that was left", async () => {
    const gone = { title: "Gone", status: 404, detail: "There is no such tag." };
    const headers = { "content-type": "application/problem+json" };
    await leaveBeforeAnswer(new Response(JSON.stringify(gone), { status: 404, headers }));
    expect(state().save).toEqual({ kind: "saved", at: new Date(tag.updatedAt) });
  });
});
