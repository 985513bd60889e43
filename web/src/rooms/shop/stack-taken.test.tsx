// @vitest-environment happy-dom
import type { JobEvent, Said, SeatChain } from "@proven-seat/core/outcome/shop";
import { measuresStack } from "@proven-seat/core/outcome/shop";
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { answering, inTheShell } from "../../../test/answers.tsx";
import { useDevice } from "./job/device.ts";
import { TakenFromJob } from "./stack-taken.tsx";

const link = (name: string, measuredMm: number | null = null) => ({
  name,
  nominalMm: 10,
  plusMm: 0.1,
  minusMm: 0.1,
  sense: 1 as const,
  picked: false,
  measuredMm,
});
const chain: SeatChain = {
  links: [link("seat thickness", 9.7), link("retainer shoulder to face"), link("centre to face")],
  stiffnessNPerMm: 1,
  mostLoadN: 1,
};
const valve = "a ball";
const project = "11111111-1111-4111-8111-111111111111";
const rows = `/projects/${project}/jobs`;

const read = (what: string, value: number, time: string): JobEvent => ({
  id: `${what} ${time}`,
  at: time,
  who: "Night shift",
  said: { kind: "reading", step: measuresStack, what, value },
});
const row = (id: string, change: object = {}) => ({ id, tagId: "t", valve, ...change });

/** Measured values of the open chain. */
function Stands() {
  const [seatChain, setOf] = useState(chain);
  return (
    <>
      <TakenFromJob tagId="t" valve={valve} chain={seatChain} onChain={setOf} />
      <button
        type="button"
        onClick={() =>
          setOf({
            ...seatChain,
            links: seatChain.links.map((link, i) =>
              i === 1 ? { ...link, nominalMm: 11, measuredMm: 11.2 } : link,
            ),
          })
        }
      >
        write over the second
      </button>
      <output aria-label="nominal">{seatChain.links.map(({ nominalMm }) => nominalMm).join(" ")}</output>
      <output aria-label="measured">
        {seatChain.links.map(({ measuredMm }) => measuredMm ?? "–").join(" ")}
      </output>
    </>
  );
}
const show = (answers: Record<string, unknown>) => {
  const { asked } = answering({
    "/api/projects": [{ id: project, name: "p", archived: false }],
    ...answers,
  });
  inTheShell(<Stands />, `/projects/${project}/tags/t/shop/stack`);
  return asked;
};
const measured = () => screen.getByLabelText("measured").textContent;

beforeEach(() => useDevice.setState({ who: "Day shift", jobs: {}, open: {}, left: [] }));
afterEach(cleanup);

describe("a chain and readings of jobs", () => {
  it("takes the latest readings, and restores the previous values", async () => {
    show({
      [rows]: [row("old"), row("new"), row("other", { valve: "another" }), row("else", { tagId: "u" })],
      "/jobs/old": { ...row("old"), events: [read("seat thickness", 1, "2026-11-01T08:00:00Z")] },
      "/jobs/new": {
        ...row("new"),
        events: [
          read("seat thickness", 9.9, "2026-11-02T08:00:00Z"),
          read("centre to face", 30.25, "2026-11-02T08:05:00Z"),
          read("seat load", 900, "2026-11-02T08:06:00Z"),
        ],
      },
    });
    expect(await screen.findByText(/On a job 2 of 3 links were measured, last by Night shift/)).toBeTruthy();
    expect(measured()).toBe("9.7 – –");
    fireEvent.click(screen.getByRole("button", { name: "Use these values" }));
    expect(measured()).toBe("9.9 – 30.25");
    expect(screen.getByText("These values are used in the chain.")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "restore the previous values" }));
    expect(measured()).toBe("9.7 – –");
    // Later edits of other links stay.
    fireEvent.click(screen.getByRole("button", { name: "Use these values" }));
    fireEvent.click(screen.getByRole("button", { name: "write over the second" }));
    fireEvent.click(screen.getByRole("button", { name: "restore the previous values" }));
    expect(measured()).toBe("9.7 11.2 –");
    expect(screen.getByLabelText("nominal").textContent).toBe("10 11 10");
  });

  it("knows this device's readings before they are sent", async () => {
    show({ [rows]: [] });
    const device = useDevice.getState();
    const job = device.begin({ tagId: "t", kind: "put together", valve, plan: null });
    const said: Said = { kind: "reading", step: measuresStack, what: "centre to face", value: 30.5 };
    device.say(job, said);
    fireEvent.click(await screen.findByRole("button", { name: "Use these values" }));
    expect(measured()).toBe("9.7 – 30.5");
    // Measured once more, it is offered once more.
    device.say(job, { ...said, value: 30.6 });
    fireEvent.click(await screen.findByRole("button", { name: "Use these values" }));
    expect(measured()).toBe("9.7 – 30.6");
  });

  it("offers nothing where no job measured a link, nor readings of another step", async () => {
    const asked = show({
      [rows]: [row("a")],
      "/jobs/a": {
        ...row("a"),
        events: [
          read("seat load", 900, "2026-11-02T08:06:00Z"),
          {
            ...read("seat thickness", 9, "2026-11-02T08:07:00Z"),
            said: { kind: "reading", step: "Look at the seat.", what: "seat thickness", value: 9 },
          },
        ],
      },
    });
    await expect.poll(() => asked.some(({ address }) => address.endsWith("/jobs/a"))).toBe(true);
    await act(async () => undefined);
    expect(screen.queryByText(/On a job/)).toBeNull();
  });
});
