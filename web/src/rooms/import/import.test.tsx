// @vitest-environment happy-dom
import { guessMapping, readCsv } from "@proven-seat/core/line-list";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Columns } from "./columns.tsx";
import { Faults } from "./faults.tsx";
import { NotAList, readListFile } from "./read-file.ts";

afterEach(cleanup);

const file = (bytes: BlobPart, name = "list.csv") => new File([bytes], name);

describe("the file of a list", () => {
  it("is read as UTF-8, and as UTF-16 where it is marked so", async () => {
    expect(await readListFile(file("Tag,Temp °C"))).toEqual({ text: "Tag,Temp °C", note: null });
    const marked = new Uint8Array([0xff, 0xfe, ...[..."Tag"].flatMap((c) => [c.charCodeAt(0), 0])]);
    expect((await readListFile(file(marked))).note).toBe("read as UTF-16");
  });
  it("is read in the Western encoding where it is neither, and says so", async () => {
    const read = await readListFile(file(new Uint8Array([0x54, 0xb0, 0x43])));
    expect(read.text).toBe("T°C");
    expect(read.note).toMatch(/Check accents/);
  });
  it("is refused where it is a workbook or too large, with what to do", async () => {
    await expect(readListFile(file(new Uint8Array([0x50, 0x4b, 3, 4]), "list.xlsx"))).rejects.toThrow(
      /list.xlsx is a workbook.*Save the list as CSV/,
    );
    const large = file("x");
    Object.defineProperty(large, "size", { value: 21 * 1024 * 1024 });
    await expect(readListFile(large)).rejects.toThrow(NotAList);
  });
});

describe("columns", () => {
  const table = readCsv("Tag,Size (NPS),Paint,P1 (psig)\nXV-1,2,red,100\nXV-2,3,blue,90\n");
  const drawn = () => {
    const remap = vi.fn();
    render(<Columns table={table} mapping={guessMapping(table.headings)} onRemap={remap} />);
    return remap;
  };
  const picked = (label: string) => screen.getByLabelText<HTMLSelectElement>(label).value;
  it("stand where their headings say, with the unit they name", () => {
    drawn();
    expect(picked("Column Tag goes to")).toBe("number");
    expect(picked("Column Size (NPS) goes to")).toBe("dn");
    expect(picked("Unit of column Size (NPS)")).toBe("NPS");
    expect(picked("Unit of column P1 (psig)")).toBe("psi g");
    expect(picked("Column Paint goes to")).toBe("");
    expect(screen.queryByLabelText("Unit of column Tag")).toBeNull();
  });
  it("can be sent elsewhere, with the unit that place is read in, or left out", () => {
    const remap = drawn();
    fireEvent.change(screen.getByLabelText("Column Paint goes to"), { target: { value: "temperatureC" } });
    expect(remap).toHaveBeenLastCalledWith(2, { field: "temperatureC", unit: "°C" });
    fireEvent.change(screen.getByLabelText("Column Tag goes to"), { target: { value: "" } });
    expect(remap).toHaveBeenLastCalledWith(0, { field: null, unit: null });
    fireEvent.change(screen.getByLabelText("Unit of column P1 (psig)"), { target: { value: "MPa g" } });
    expect(remap).toHaveBeenLastCalledWith(3, { unit: "MPa g" });
  });
  it("show the first rows below", () => {
    drawn();
    expect(document.querySelectorAll("tbody tr")).toHaveLength(2);
    expect(screen.getByText("blue")).toBeTruthy();
  });
});

describe("faults", () => {
  const fault = (row: number) => ({ row, column: "DN", reason: `reason ${row}` });
  it("stand at their place, one is one", () => {
    render(<Faults faults={[fault(2)]} />);
    expect(screen.getByText(/^1 fault: nothing is imported/)).toBeTruthy();
    expect(screen.getByText("reason 2")).toBeTruthy();
  });
  it("are counted beyond those that are listed", () => {
    render(<Faults faults={Array.from({ length: 10_000 }, (_, i) => fault(i))} />);
    expect(screen.getByText(/^10000 faults/)).toBeTruthy();
    expect(document.querySelectorAll("tbody tr")).toHaveLength(200);
    expect(screen.getByText("and 9800 more")).toBeTruthy();
  });
});
