// @vitest-environment happy-dom

import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import "fake-indexeddb/auto";
import { set } from "idb-keyval";
import { useDevice } from "../shop/job/device.ts";
import { keptPicture } from "../shop/job/pictures.ts";
import { OnThisDevice } from "./on-this-device.tsx";

const show = () =>
  render(
    <MemoryRouter>
      <OnThisDevice />
    </MemoryRouter>,
  );
const answering = (status: number, detail: string) =>
  vi.stubGlobal(
    "fetch",
    vi.fn(
      async () =>
        new Response(JSON.stringify({ detail }), {
          status,
          headers: { "content-type": "application/problem+json" },
        }),
    ),
  );
const begin = (tagId: string) => {
  const job = useDevice.getState().begin({ tagId, kind: "strip", valve: `ball of ${tagId}`, plan: null });
  useDevice.getState().say(job, { kind: "tick", step: "a", done: true });
  return job;
};
beforeEach(() => useDevice.setState({ who: "Day shift", jobs: {}, open: {}, left: [] }));
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("entries waiting on this device", () => {
  it("are hidden where all are sent", () => {
    expect(show().container.textContent).toBe("");
  });
  it("lead to their job, and cannot be discarded while no server refused them", () => {
    vi.stubGlobal("fetch", vi.fn().mockRejectedValue(new TypeError("away")));
    const job = begin("t");
    show();
    expect(screen.getByRole("link", { name: "Strip down" }).getAttribute("href")).toBe(
      `/tags/t/shop/strip?job=${job}`,
    );
    expect(screen.queryByRole("button", { name: "discard" })).toBeNull();
  });
  it("are discarded only after a confirmation, with their pictures, and without touching another job", async () => {
    answering(404, "There is no such tag.");
    const [job, other] = [begin("gone"), begin("t")];
    await set("picture p", new Blob(["x"]));
    useDevice.getState().say(job, { kind: "picture", step: null, picture: "p", name: "marks" });
    show();
    fireEvent.click((await screen.findAllByRole("button", { name: "discard" }))[0]!);
    fireEvent.click(screen.getByRole("button", { name: "keep them" }));
    expect(useDevice.getState().jobs[job]).toBeDefined();
    fireEvent.click(screen.getAllByRole("button", { name: "discard" })[0]!);
    fireEvent.click(screen.getByRole("button", { name: "Discard 2 entries permanently" }));
    await waitFor(() => expect(useDevice.getState().jobs[job]).toBeUndefined());
    expect(useDevice.getState().open["gone strip"]).toBeUndefined();
    expect(useDevice.getState().jobs[other]!.waiting).toHaveLength(1);
    await waitFor(async () => expect(await keptPicture("p")).toBeUndefined());
  });
});
