import { type EndpointName, type Problem } from "@proven-seat/contract";
/** The server answered with a problem document. */
export declare class ApiProblem extends Error {
  readonly problem: Problem;
  constructor(problem: Problem);
}
/** The server could not be reached at all. */
export declare class NoConnection extends Error {
  constructor();
}
interface Call {
  parameters?: Record<string, string>;
  body?: unknown;
  signal?: AbortSignal;
}
/** Calls an endpoint and returns its JSON. */
export declare function call<Answer>(
  name: EndpointName,
  { parameters, body, signal }?: Call,
): Promise<Answer>;
//# sourceMappingURL=api.d.ts.map
