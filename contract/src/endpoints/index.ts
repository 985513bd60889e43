import type { z } from "zod";
import type { AddressName } from "../addresses.ts";
import type { Endpoint } from "../endpoint.ts";
import { calculationsEndpoints } from "./calculations.ts";
import { catalogueEndpoints } from "./catalogue.ts";
import { houseRulesEndpoints } from "./house-rules.ts";
import { keepingEndpoints } from "./keeping.ts";
import { lineListsEndpoints } from "./line-lists.ts";
import { plansEndpoints } from "./plans.ts";
import { projectsEndpoints } from "./projects.ts";
import { provingsEndpoints } from "./provings.ts";
import { sheetsEndpoints } from "./sheets.ts";
import { shopEndpoints } from "./shop.ts";
import { systemEndpoints } from "./system.ts";
import { tagsEndpoints } from "./tags.ts";

export const endpoints = {
  ...systemEndpoints,
  ...calculationsEndpoints,
  ...projectsEndpoints,
  ...tagsEndpoints,
  ...lineListsEndpoints,
  ...catalogueEndpoints,
  ...houseRulesEndpoints,
  ...sheetsEndpoints,
  ...plansEndpoints,
  ...shopEndpoints,
  ...provingsEndpoints,
  ...keepingEndpoints,
} satisfies Record<AddressName, Endpoint>;

export type EndpointName = AddressName;

/** Response of an endpoint; nothing where it is not JSON. */
export type AnswerOf<Name extends EndpointName> = (typeof endpoints)[Name] extends {
  answer: infer Answer extends z.ZodType;
}
  ? z.output<Answer>
  : undefined;
