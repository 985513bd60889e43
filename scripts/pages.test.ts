import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { fieldsPage } from "./fields-page.ts";
import { rulesPage } from "./rules-page.ts";

it("the page of rules in docs is the one the rules make", () => {
  expect(readFileSync(new URL("../docs/rules.md", import.meta.url), "utf8"), "run npm run rules:page").toBe(
    rulesPage(),
  );
});

it("the page of a duty's fields in docs is the one the fields make", () => {
  expect(
    readFileSync(new URL("../docs/duty-fields.md", import.meta.url), "utf8"),
    "run npm run fields:page",
  ).toBe(fieldsPage());
});
