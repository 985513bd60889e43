// @vitest-environment happy-dom
import type { Said } from "@proven-seat/core/outcome/shop";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { BoltingAsFound } from "./bolting-as-found.tsx";

afterEach(cleanup);
let said: Said[];
let step = 0;
const toFind = { innerMm: 150, ratedBarG: 100, friction: 0.12, utilisationPercent: 70 };
beforeEach(() => {
  said = [];
  step++;
  render(
    <BoltingAsFound
      toFind={toFind}
      step={`bolts ${step}`}
      tagId="tag"
      closed={false}
      onSay={(event) => said.push(event) > 0}
    />,
  );
});
const type = (thread: string, grade: string, bolts: string) => {
  fireEvent.change(screen.getByLabelText("thread"), { target: { value: thread } });
  fireEvent.change(screen.getByLabelText("grade, from the mark"), { target: { value: grade } });
  fireEvent.change(screen.getByLabelText("studs of one joint"), { target: { value: bolts } });
};

describe("bolting as found", () => {
  it("has no figure until all three are typed", () => {
    type("M24", "B7", "");
    expect(screen.queryByText(/torque/)).toBeNull();
    type("M24", "B7", "8");
    expect(screen.getByText(/torque, lubricated, friction 0.12, calculated/)).toBeDefined();
    expect(screen.getByText(/gasket is not stated/)).toBeDefined();
  });
  it("has no torque, but a caution, where the studs are too weak", () => {
    type("M8", "B8 cl.1", "4");
    expect(screen.queryByText(/torque, lubricated/)).toBeNull();
    expect(screen.getByText(/do not carry the shell test/)).toBeDefined();
  });
  it("says at its field what is wrong", () => {
    type("M24", "B7", "1.5");
    const field = screen.getByLabelText("studs of one joint");
    expect(field.getAttribute("aria-invalid")).toBe("true");
    expect(document.getElementById(field.getAttribute("aria-describedby")!)!.textContent).toMatch(
      /whole number/,
    );
    expect(screen.queryByText("Write into the job")).toBeNull();
  });
  it("is written into the job as a note with its figures", () => {
    type("M24", "B7", "8");
    fireEvent.click(screen.getByText("Write into the job"));
    expect(said).toHaveLength(1);
    expect(said[0]).toMatchObject({ kind: "note", text: expect.stringMatching(/8 × M24, B7.*torque.*N·m/) });
  });
  it("is still there when the step is opened again", () => {
    type("M24", "B7", "8");
    cleanup();
    render(<BoltingAsFound toFind={toFind} step={`bolts ${step}`} tagId="tag" closed onSay={() => true} />);
    expect((screen.getByLabelText("studs of one joint") as HTMLInputElement).value).toBe("8");
    expect(screen.queryByText("Write into the job")).toBeNull();
  });
});
