import { describe, expect, it } from "vitest";
import { Hopeless, type Runs, type Supervision, supervise } from "./supervise.ts";

/** A program that ends on request. */
function thing() {
  let end: (how: { by: string; hopeless: boolean }) => void = () => {};
  const runs: Runs = {
    ended: new Promise((done) => {
      end = done;
    }),
    lastLines: () => "its last words",
    stop: async () => end({ by: "stop", hopeless: false }),
  };
  return { runs, end: (by = "SIGKILL", hopeless = false) => end({ by, hopeless }) };
}

function kept(over: Partial<Supervision> & Pick<Supervision, "start">) {
  const said: string[] = [];
  const starting = supervise({ what: "server", say: (line) => said.push(line), firstWaitMs: 1, ...over });
  return { starting, said };
}

/** The same thing at every start, and how many there were. */
function counted(runs: Runs) {
  let count = 0;
  const { starting } = kept({
    start: async () => {
      count++;
      return runs;
    },
  });
  return { starting, starts: () => count };
}

describe("supervising", () => {
  it("restarts a program at growing intervals, and gives up with its last output", async () => {
    let starts = 0;
    const { starting, said } = kept({
      tries: 3,
      start: async () => {
        starts++;
        const program = thing();
        queueMicrotask(() => program.end());
        return program.runs;
      },
    });
    const reason = await (await starting).givenUp;
    expect(starts).toBe(4);
    expect(reason).toMatch(/started 3 times without success[\s\S]*its last words/);
    expect(said.filter((line) => line.includes("Try")).map((line) => /in ([\d.]+) s/.exec(line)![1])).toEqual(
      ["0.001", "0.002", "0.004"],
    );
  });
  it("starts counting again after a steady run", async () => {
    const things = Array.from({ length: 5 }, thing);
    let clock = 0;
    const { starting } = kept({ tries: 1, steadyMs: -1, start: async () => things[clock++]!.runs });
    const supervised = await starting;
    for (let i = 0; i < 4; i++) {
      things[i]!.end();
      await expect.poll(() => clock).toBe(i + 2);
    }
    await supervised.stop();
  });
  it("counts a start that fails as a try", async () => {
    const first = thing();
    let starts = 0;
    const { starting, said } = kept({
      tries: 2,
      start: async () => {
        if (starts++ > 0) throw new Error("the port is taken");
        return first.runs;
      },
    });
    const supervised = await starting;
    first.end();
    expect(await supervised.givenUp).toContain("without success");
    expect(starts).toBe(3);
    expect(said.join("\n")).toContain("did not start: the port is taken");
  });
  it("never gives up a program that others can do without, even where its first start fails", async () => {
    const program = thing();
    let starts = 0;
    const { starting, said } = kept({
      tries: Number.POSITIVE_INFINITY,
      firstMayFail: true,
      start: async () => {
        starts++;
        if (starts <= 10) throw new Error("the database recovers");
        return program.runs;
      },
    });
    const supervised = await starting;
    expect(starts).toBe(1);
    await supervised.begun;
    await expect.poll(() => said.at(-1)).toBe("The server runs again.");
    expect(starts).toBe(11);
    expect(said[0]).toBe("The server did not start: the database recovers. It is started again in 0.001 s.");
    program.end();
    await expect.poll(() => starts).toBe(12);
    await supervised.stop();
  });
  it("does not retry a hopeless failure", async () => {
    const program = thing();
    const { starting, starts } = counted(program.runs);
    const supervised = await starting;
    program.end("code 2", true);
    expect(await supervised.givenUp).toContain("code 2");
    expect(starts()).toBe(1);
  });
  it("does not retry a hopeless first start", async () => {
    const { starting, said } = kept({
      firstMayFail: true,
      start: () => Promise.reject(new Hopeless("its port is busy")),
    });
    expect(await (await starting).givenUp).toBe("The server did not start: its port is busy.");
    expect(said).toEqual([]);
  });
  it("fails where the first start does, and starts nothing after it was stopped", async () => {
    await expect(
      supervise({ what: "x", say: () => {}, start: () => Promise.reject(new Error("no room")) }),
    ).rejects.toThrow("no room");
    const program = thing();
    const { starting, starts } = counted(program.runs);
    await (await starting).stop();
    await new Promise((r) => setTimeout(r, 20));
    expect(starts()).toBe(1);
  });
});
