import type { AnswerOf, EndpointName, endpoints, Problem } from "@proven-seat/contract";
import { type Address, addresses, addressOf, pageLimits } from "@proven-seat/contract/addresses";

/** The server answered with a problem document. */
export class ApiProblem extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

/** The server could not be reached at all. */
export class NoConnection extends Error {
  constructor() {
    super("The server cannot be reached. Check that it is running. Your entries are kept on this device.");
  }
}

interface Call {
  parameters?: Record<string, string>;
  query?: Record<string, string>;
  body?: unknown;
  /** Replaces a JSON body. */
  file?: Blob;
  signal?: AbortSignal;
}

async function send(name: EndpointName, address: string, { body, file, signal }: Call): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(address, {
      method: addresses[name].method.toUpperCase(),
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
      ...(file ? { body: file, headers: { "content-type": takes(name) } } : {}),
      ...(signal ? { signal } : {}),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new NoConnection();
  }
  if (response.ok) return response;
  if (response.headers.get("content-type")?.includes("problem+json"))
    throw new ApiProblem(await response.json());
  throw new NoConnection();
}

const takes = (name: EndpointName): string =>
  (addresses[name] as Address).takes ?? "application/octet-stream";

/** Calls an endpoint; the answer has the type of the contract. */
export async function call<Name extends EndpointName>(
  name: Name,
  request: Call = {},
): Promise<AnswerOf<Name>> {
  const asked = String(new URLSearchParams(request.query));
  const query = asked === "" ? "" : `?${asked}`;
  const response = await send(name, addressOf(name, request.parameters) + query, request);
  return (response.status === 204 ? undefined : await response.json()) as AnswerOf<Name>;
}

type PagedName = {
  [Name in EndpointName]: (typeof endpoints)[Name] extends { paged: true } ? Name : never;
}[EndpointName];

const nextPage = (response: Response) =>
  /<([^>]+)>;\s*rel="next"/.exec(response.headers.get("link") ?? "")?.[1];

/** The whole of a list, page after page in as few as may be asked for. */
export async function callAll<Name extends PagedName>(name: Name, call: Call = {}): Promise<AnswerOf<Name>> {
  const rows: unknown[] = [];
  let address: string | undefined = `${addressOf(name, call.parameters)}?limit=${pageLimits.most}`;
  while (address !== undefined) {
    const response = await send(name, address, call);
    rows.push(...((await response.json()) as unknown[]));
    address = nextPage(response);
  }
  return rows as AnswerOf<Name>;
}
