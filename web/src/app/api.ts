import { type AnswerOf, addressOf, type EndpointName, endpoints, type Problem } from "@proven-seat/contract";

/** The server answered with a problem document. */
export class ApiProblem extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

/** The server could not be reached at all. */
class NoConnection extends Error {
  constructor() {
    super("The server cannot be reached. Check that it runs; what you typed is kept on this device.");
  }
}

interface Call {
  parameters?: Record<string, string>;
  body?: unknown;
  signal?: AbortSignal;
}

/** Calls an endpoint; the answer has the type the contract gives it. */
export async function call<Name extends EndpointName>(
  name: Name,
  { parameters, body, signal }: Call = {},
): Promise<AnswerOf<Name>> {
  let response: Response;
  try {
    response = await fetch(addressOf(name, parameters), {
      method: endpoints[name].method.toUpperCase(),
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
      ...(signal ? { signal } : {}),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new NoConnection();
  }
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as AnswerOf<Name>;
  if (response.headers.get("content-type")?.includes("problem+json"))
    throw new ApiProblem(await response.json());
  throw new NoConnection();
}
