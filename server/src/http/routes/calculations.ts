import { calculationNamed, calculations, inputJsonSchema, isFailure } from "@proven-seat/core/basis/calc";
import { catalogueContent, catalogueInForce, currentHouseRules } from "../../store/current.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

function calculationOrProblem(name: string) {
  const calculation = calculationNamed(name);
  if (!calculation)
    throw new Problem(
      404,
      "no-such-calculation",
      `There is no calculation "${name}". GET /api/calc lists them.`,
    );
  return calculation;
}

const fault = (error: { message: string; field?: string; code: string }) =>
  new Problem(422, error.code, `${error.field ? `${error.field}: ` : ""}${error.message}`, {
    errors: [{ field: error.field ?? "", message: error.message }],
  });

export function mountCalculations(mount: Mount): void {
  mount("calculations", () => calculations.map(({ name, title, source }) => ({ name, title, source })));
  mount("calculationSchema", ({ parameters }) => inputJsonSchema(calculationOrProblem(parameters.name!)));

  mount("calculate", async ({ parameters, body, jobs, signal }) => {
    const calculation = calculationOrProblem(parameters.name!);
    if (Array.isArray(body)) {
      if (body.length > 10_000)
        throw new Problem(
          422,
          "too-many-items",
          "At most 10 000 items a request; the calc command streams more.",
        );
      return (await jobs.run("calculate", { name: calculation.name, items: body }, signal)).results;
    }
    // Trials take a while, so they never run on the server's own thread.
    const { results } = await jobs.run("calculate", { name: calculation.name, items: [body] }, signal);
    const [result] = results;
    if (isFailure(result)) throw fault(result.error);
    return result;
  });

  mount("prove", async ({ em, body, jobs, signal, response }) => {
    const head = await catalogueInForce(em);
    const { values: house } = await currentHouseRules(em);
    const catalogue = { digest: head.digest, content: await catalogueContent(em, head) };
    const answer = await jobs.runWith("prove", { body, house }, catalogue, signal);
    if (answer.fault) throw fault(answer.fault);
    response.type("json").send(Buffer.from(answer.bytes.buffer));
  });
}
