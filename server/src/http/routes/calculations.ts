import {
  calculate,
  calculationNamed,
  calculations,
  inputJsonSchema,
  isFailure,
} from "@proven-seat/core/calc";
import { proveRequest } from "@proven-seat/core/proof";
import { currentCatalogue, currentHouseRules } from "../../store/current.ts";
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

  mount("calculate", ({ parameters, body }) => {
    const calculation = calculationOrProblem(parameters.name!);
    if (Array.isArray(body)) {
      if (body.length > 10_000)
        throw new Problem(
          422,
          "too-many-items",
          "At most 10 000 items a request; the calc command streams more.",
        );
      return body.map((item) => calculate(calculation, item));
    }
    const result = calculate(calculation, body);
    if (isFailure(result)) throw fault(result.error);
    return result;
  });

  mount("prove", async ({ em, body }) => {
    const { shelf } = await currentCatalogue(em);
    const { values: house } = await currentHouseRules(em);
    const result = proveRequest(body, { shelf, house });
    if ("error" in result) throw fault(result.error);
    return result;
  });
}
