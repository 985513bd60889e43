import { emptyDuty } from "@proven-seat/core/duty";

const tagsAtOnce = 10_000;

const post = (url: string, path: string, body: unknown) =>
  fetch(url + path, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });

/** Brings tags in until a project has as many more. */
export async function importTags(url: string, project: string, tags: number): Promise<void> {
  for (let from = 0; from < tags; from += tagsAtOnce) {
    const list = Array.from({ length: Math.min(tagsAtOnce, tags - from) }, (_, i) => ({
      number: `B-${from + i}`,
      service: "",
      unit: "",
      duty: emptyDuty,
    }));
    const { status } = await post(url, `/api/projects/${project}/imports`, { tags: list });
    if (status !== 201) throw new Error(`a list was answered with ${status}`);
  }
}

/** Response times of the health check while four proofs and an export ran, ms, ascending. */
export async function healthUnderLoad(url: string, project: string, duty: unknown): Promise<number[]> {
  let over = false;
  const proving = async () => {
    while (!over) await (await post(url, "/api/prove", { duty, detail: "grave", limit: 1000 })).arrayBuffer();
  };
  const exporting = async () => {
    const text = await (await fetch(`${url}/api/projects/${project}/tags.csv`)).text();
    if (text.length < 1000) throw new Error("the export is empty");
  };
  const times: number[] = [];
  const asking = async () => {
    while (!over) {
      const started = performance.now();
      await (await fetch(`${url}/api/health`)).arrayBuffer();
      times.push(performance.now() - started);
      await new Promise((done) => setTimeout(done, 10));
    }
  };
  const running = [proving(), proving(), proving(), proving(), asking()];
  await exporting();
  over = true;
  await Promise.all(running);
  return times.sort((a, b) => a - b);
}
