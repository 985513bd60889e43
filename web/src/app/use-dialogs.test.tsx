// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { useShortcuts } from "../parts/shortcuts.ts";
import { useDialogs } from "./use-dialogs.ts";

afterEach(cleanup);

const add = vi.fn();
function Room({ load }: { load?: Parameters<typeof useDialogs>[0] }) {
  const { open, typed, failed, show, close } = useDialogs(load);
  useShortcuts({ "/": () => show("search or run a command"), n: add });
  return (
    <>
      <button type="button" onClick={close}>
        close
      </button>
      {open && <p>{`${open}: ${typed}`}</p>}
      {failed && <p role="alert">failed</p>}
    </>
  );
}
const press = (key: string) => fireEvent.keyDown(document.body, { key });

describe("a dialog that is still being fetched", () => {
  it("gets the keys typed for it, and nothing acts behind it", async () => {
    render(<Room />);
    for (const key of "/xv-n1") press(key);
    expect(screen.queryByText(/search or run a command/)).toBeNull();
    expect(await screen.findByText("search or run a command: xv-n1")).toBeTruthy();
    expect(add).not.toHaveBeenCalled();
    fireEvent.click(screen.getByText("close"));
    press("n");
    expect(add).toHaveBeenCalledOnce();
    // It is there by now, and opens at once and empty.
    press("/");
    expect(screen.getByText("search or run a command:")).toBeTruthy();
  });
  it("is dropped after Escape", async () => {
    add.mockClear();
    render(<Room />);
    press("/");
    press("Escape");
    press("n");
    expect(add).toHaveBeenCalledOnce();
    await vi.waitFor(async () => expect(await import("./dialogs.ts")).toBeTruthy());
    expect(screen.queryByText(/search or run a command/)).toBeNull();
  });
  it("that cannot be fetched is reported when it is opened, not before, and is tried again", async () => {
    add.mockClear();
    const load = vi.fn(() => import("./dialogs.ts"));
    load.mockRejectedValueOnce(new TypeError("offline")).mockRejectedValueOnce(new TypeError("offline"));
    render(<Room load={load} />);
    await vi.waitFor(() => expect(load).toHaveBeenCalledOnce());
    expect(screen.queryByRole("alert")).toBeNull();
    press("/");
    expect(await screen.findByRole("alert")).toBeTruthy();
    press("n");
    expect(add).toHaveBeenCalledOnce();
    press("/");
    press("x");
    expect(await screen.findByText("search or run a command: x")).toBeTruthy();
    expect(screen.queryByRole("alert")).toBeNull();
  });
});
