import { z } from "zod";
import { pageLimits } from "./addresses.ts";
import type { Endpoint } from "./endpoint.ts";
import { endpoints } from "./endpoints/index.ts";
import { problemSchema } from "./records.ts";

const jsonSchema = (schema: z.ZodType, io: "input" | "output") => {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: "any" }) as Record<
    string,
    unknown
  >;
  return rest;
};

const problemTitles: Record<number, string> = {
  404: "Not found",
  409: "Conflict with stored data",
  413: "Too large",
  422: "Invalid input",
};

const pageParameters = [
  {
    name: "limit",
    in: "query",
    description: "Items of a page",
    schema: { type: "integer", minimum: 1, maximum: pageLimits.most, default: pageLimits.usual },
  },
  {
    name: "after",
    in: "query",
    description: "Cursor from the Link header of the previous page",
    schema: { type: "string" },
  },
];
const nextPage = {
  Link: { description: 'The next page, rel="next"; absent at the last', schema: { type: "string" } },
};

function operationOf(name: string, endpoint: Endpoint) {
  const parameters = [
    ...[...endpoint.path.matchAll(/\{(\w+)\}/g)].map((m) => ({
      name: m[1],
      in: "path",
      required: true,
      schema: { type: "string" },
    })),
    ...Object.entries(endpoint.query ?? {}).map(([key, description]) => ({
      name: key,
      in: "query",
      description,
      schema: { type: "string" },
    })),
    ...(endpoint.paged ? pageParameters : []),
  ];
  const content = endpoint.answer
    ? { "application/json": { schema: jsonSchema(endpoint.answer, "output") } }
    : endpoint.mediaType
      ? { [endpoint.mediaType]: { schema: { type: "string" } } }
      : undefined;
  return {
    operationId: name,
    summary: endpoint.says,
    "x-project": endpoint.project ?? "none",
    "x-role": endpoint.role,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(endpoint.body
      ? {
          requestBody: {
            required: true,
            content: { "application/json": { schema: jsonSchema(endpoint.body, "input") } },
          },
        }
      : {}),
    ...(endpoint.takes
      ? {
          requestBody: {
            required: true,
            content: { [endpoint.takes]: { schema: { type: "string", format: "binary" } } },
          },
        }
      : {}),
    responses: {
      [endpoint.status ?? 200]: {
        description: endpoint.says,
        ...(endpoint.paged ? { headers: nextPage } : {}),
        ...(content ? { content } : {}),
      },
      ...Object.fromEntries(
        (endpoint.problems ?? []).map((status) => [
          status,
          {
            description: problemTitles[status] ?? "Problem",
            content: { "application/problem+json": { schema: { $ref: "#/components/schemas/Problem" } } },
          },
        ]),
      ),
    },
  };
}

/** The OpenAPI 3.1 document of the whole API, from the schemas that validate it. */
export function openApiDocument(version: string): Record<string, unknown> {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const [name, endpoint] of Object.entries(endpoints as Record<string, Endpoint>)) {
    paths[endpoint.path] = { ...paths[endpoint.path], [endpoint.method]: operationOf(name, endpoint) };
  }
  return {
    openapi: "3.1.0",
    info: {
      title: "Proven Seat",
      version,
      description:
        "Selection of quarter-turn valves as a proof. The results are an engineering aid, and reference data are indicative.",
    },
    paths,
    components: { schemas: { Problem: jsonSchema(problemSchema, "output") } },
  };
}
