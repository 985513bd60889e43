import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { rulesPage } from "./rules-page.ts";

it("the page of rules in docs is the one the rules make", () => {
  expect(readFileSync(new URL("../docs/rules.md", import.meta.url), "utf8"), "run npm run rules:page").toBe(
    rulesPage(),
  );
});
