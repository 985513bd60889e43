// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { KeyHint } from "../parts/key-hint.tsx";
import { shortcutFor, shortcutKeyList, useKeyChoices } from "../parts/shortcut-keys.ts";
import { useShortcuts } from "../parts/shortcuts.ts";
import ShortcutsDialog from "./shortcuts-dialog.tsx";

afterEach(() => {
  cleanup();
  useKeyChoices.setState({ on: true, changed: {} });
});

function Room({ acts }: { acts: Parameters<typeof useShortcuts>[0] }) {
  useShortcuts(acts);
  return <KeyHint shortcut="n" />;
}
const press = (key: string, more = {}) => fireEvent.keyDown(window, { key, ...more });
const box = (does: string) => screen.getByLabelText<HTMLInputElement>(`key: ${does}`);
const type = (does: string, value: string) => fireEvent.change(box(does), { target: { value } });

describe("single-character keys", () => {
  it("act as usual until the reader changes them", () => {
    const [add, save] = [vi.fn(), vi.fn()];
    render(<Room acts={{ n: add, "mod+s": save }} />);
    press("n");
    press("N");
    expect(add).toHaveBeenCalledTimes(2);
    press("n", { ctrlKey: true });
    press("s", { ctrlKey: true });
    expect(add).toHaveBeenCalledTimes(2);
    expect(save).toHaveBeenCalledOnce();
  });
  it("act by their replacement, which is shown at the action", () => {
    const add = vi.fn();
    render(<Room acts={{ n: add }} />);
    render(<ShortcutsDialog onClose={vi.fn()} />);
    type("Add a tag", "nx");
    cleanup();
    render(<Room acts={{ n: add }} />);
    expect(document.querySelector("kbd")!.textContent).toBe("X");
    press("n");
    expect(add).not.toHaveBeenCalled();
    press("x");
    expect(add).toHaveBeenCalledOnce();
  });
  it("are all switched off at once, with their hints, while keys with Ctrl and arrows still act", () => {
    const [add, down, find] = [vi.fn(), vi.fn(), vi.fn()];
    render(<ShortcutsDialog onClose={vi.fn()} />);
    fireEvent.click(screen.getByLabelText("Use single-character shortcuts"));
    cleanup();
    render(<Room acts={{ n: add, ArrowDown: down, "mod+k": find }} />);
    press("n");
    press("ArrowDown");
    press("k", { ctrlKey: true });
    expect(document.querySelector("kbd")).toBeNull();
    expect([add, down, find].map((act) => act.mock.calls.length)).toEqual([0, 1, 1]);
  });
  it("refuse a used character, or none, and name the use", () => {
    render(<ShortcutsDialog onClose={vi.fn()} />);
    type("Add a tag", "i");
    expect(screen.getByRole("alert").textContent).toBe('"i" is already used for "Import a line list".');
    expect(useKeyChoices.getState().changed).toEqual({});
    type("Add a tag", "");
    expect(screen.getByRole("alert").textContent).toBe("Type a single character.");
    type("Add a tag", "ä");
    expect(screen.queryByRole("alert")).toBeNull();
    expect(useKeyChoices.getState().changed).toEqual({ n: "ä" });
    fireEvent.click(screen.getByText("Reset to defaults"));
    expect(useKeyChoices.getState().changed).toEqual({});
  });
  it("can be exchanged by way of a third, and each then stands for one action", () => {
    render(<ShortcutsDialog onClose={vi.fn()} />);
    type("Add a tag", "z");
    type("Import a line list", "n");
    type("Add a tag", "i");
    const keys = useKeyChoices.getState();
    expect(shortcutFor(keys, "n")).toBe("i");
    expect(shortcutFor(keys, "i")).toBe("n");
    expect(shortcutFor(keys, "z")).toBeUndefined();
    for (const usual of shortcutKeyList.filter((key) => !["n", "i"].includes(key)))
      expect(shortcutFor(keys, usual)).toBe(usual);
  });
});
