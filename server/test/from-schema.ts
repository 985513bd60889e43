/** Values from a JSON Schema: most of them valid, some wrong in one place, some of them entirely wrong. */
import fc from "fast-check";

export interface JsonSchema {
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: boolean | JsonSchema;
  readonly items?: JsonSchema;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly maxItems?: number;
  readonly format?: string;
}

/** Values of a hostile or careless client. */
export const junk: fc.Arbitrary<unknown> = fc.oneof(
  fc.jsonValue({ maxDepth: 3 }),
  fc.string({ unit: "binary", maxLength: 40 }),
  fc.constantFrom<unknown>(
    null,
    -0,
    1e308,
    2 ** 53,
    "\ud800",
    "\u0000",
    "'; drop table tag; --",
    "__proto__",
    "../../etc/passwd",
    "=cmd|' /C calc'!A0",
    "%00",
    "{{7*7}}",
    "\u202e",
    "x".repeat(5000),
    [],
    {},
    [[[[[[]]]]]],
  ),
);

function rightly(schema: JsonSchema, depth: number): fc.Arbitrary<unknown> {
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const among = schema.anyOf ?? schema.oneOf;
  if (among) return fc.oneof(...among.map((schema) => fromSchema(schema, depth)));
  if (schema.allOf) return fromSchema(schema.allOf[0]!, depth);
  const type = Array.isArray(schema.type) ? schema.type[0] : schema.type;
  switch (type) {
    case "null":
      return fc.constant(null);
    case "boolean":
      return fc.boolean();
    case "integer":
      return fc.integer({
        min: Math.max(schema.minimum ?? -3, -1e6),
        max: Math.min(schema.maximum ?? 40, 1e6),
      });
    case "number":
      return fc.double({ min: schema.minimum ?? -300, max: schema.maximum ?? 1200, noNaN: true });
    case "string":
      return schema.format === "uuid"
        ? fc.uuid()
        : fc.string({ minLength: schema.minLength ?? 0, maxLength: Math.min(schema.maxLength ?? 20, 20) });
    case "array":
      return depth > 5
        ? fc.constant([])
        : fc.array(fromSchema(schema.items ?? {}, depth + 1), {
            maxLength: Math.min(schema.maxItems ?? 3, 3),
          });
    case "object": {
      if (depth > 6) return fc.constant({});
      const properties = Object.entries(schema.properties ?? {});
      const required = properties.map(([key]) => key).filter((key) => schema.required?.includes(key));
      return fc.record(
        Object.fromEntries(properties.map(([key, schema]) => [key, fromSchema(schema, depth + 1)])),
        {
          requiredKeys: required,
        },
      );
    }
    default:
      return junk;
  }
}

/** A value for a schema; now and then something else at one of its places. */
export function fromSchema(schema: JsonSchema, depth = 0): fc.Arbitrary<unknown> {
  return fc.oneof({ weight: 40, arbitrary: rightly(schema, depth) }, { weight: 1, arbitrary: junk });
}
