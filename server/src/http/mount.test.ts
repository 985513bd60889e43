import { type EndpointName, endpoints } from "@proven-seat/contract";
import { describe, expect, it } from "vitest";
import { Unanswered } from "./mount.ts";

describe("an endpoint without a handler", () => {
  it("is named, and the server does not start", () => {
    const names = Object.keys(endpoints) as EndpointName[];
    const unanswered = new Unanswered();
    for (const name of names.slice(1)) unanswered.answered(name);
    expect(() => unanswered.expectNone()).toThrow(`No handler is mounted for ${names[0]}.`);
    unanswered.answered(names[0]!);
    expect(() => unanswered.expectNone()).not.toThrow();
  });
});
