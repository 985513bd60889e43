/** Answers of the server by the end of the address, in place of the network; records the requests. */
import { QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactElement } from "react";
import { MemoryRouter, useLocation } from "react-router";
import { vi } from "vitest";
import { queryClient } from "../src/app/queries.ts";
import { HeaderSlot, SlotProvider, StatusSlot } from "../src/app/slots.tsx";

export interface Asked {
  readonly method: string;
  readonly address: string;
  readonly body: unknown;
}

/** An answer that is a problem document. */
export const problem = (status: number, detail: string) =>
  new Response(JSON.stringify({ type: "/problems/x", title: "x", status, detail }), {
    status,
    headers: { "content-type": "application/problem+json" },
  });

/** Events as the server would send them, in place of the connection. */
export class Events {
  static open: Events[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    Events.open.push(this);
  }
  close(): void {
    Events.open = Events.open.filter((source) => source !== this);
  }
  /** Sends to the listeners. */
  static send(data: unknown): void {
    for (const source of Events.open) source.onmessage?.({ data: JSON.stringify(data) });
  }
  static lose(): void {
    for (const source of Events.open) source.onerror?.();
  }
}

export function answering(answers: Record<string, unknown>): { readonly asked: Asked[] } {
  queryClient.clear();
  Events.open = [];
  vi.stubGlobal("EventSource", Events);
  const asked: Asked[] = [];
  vi.stubGlobal("fetch", async (full: string, init: { method?: string; body?: string } = {}) => {
    // Lists are asked for in the largest pages there are; these answers are never longer.
    const address = full.replace(/\?limit=\d+$/, "");
    const method = init.method ?? "GET";
    asked.push({
      method,
      address,
      body: typeof init.body === "string" ? JSON.parse(init.body) : init.body,
    });
    const found =
      Object.entries(answers).find(([key]) => key === `${method} ${address}`) ??
      Object.entries(answers).find(([key]) => address.endsWith(key));
    if (!found) throw new TypeError(`asked for ${method} ${address}`);
    const answer = found[1];
    return answer instanceof Response
      ? answer.clone()
      : new Response(JSON.stringify(answer), { headers: { "content-type": "application/json" } });
  });
  return { asked };
}

function Where() {
  return <output aria-label="where">{useLocation().pathname}</output>;
}

/** Draws a room as the shell does: with header, footer, an address and the store of answers. */
export function inTheShell(room: ReactElement, address = "/") {
  return render(
    <QueryClientProvider client={queryClient}>
      <MemoryRouter initialEntries={[address]}>
        <SlotProvider>
          <HeaderSlot />
          {room}
          <StatusSlot />
          <Where />
        </SlotProvider>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}
