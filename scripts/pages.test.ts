import { readFileSync } from "node:fs";
import { rules } from "@proven-seat/core/judgement/rules";
import { expect, it } from "vitest";
import type { Files } from "./adding/copy.ts";
import { additions, filesWith } from "./adding/table.ts";
import { fieldsPage } from "./fields-page.ts";
import { houseWithTable } from "./house-page.ts";
import { rulesPage } from "./rules-page.ts";

it("the page of rules in docs is up to date", () => {
  expect(readFileSync(new URL("../docs/rules.md", import.meta.url), "utf8"), "run npm run rules:page").toBe(
    rulesPage(),
  );
});

it("the page of duty fields in docs is up to date", () => {
  expect(
    readFileSync(new URL("../docs/duty-fields.md", import.meta.url), "utf8"),
    "run npm run fields:page",
  ).toBe(fieldsPage());
});

const plain = (page: string) => page.replace(/ +/g, " ").replace(/-+/g, "-");

it("the table of additions in docs is up to date", () => {
  const page = readFileSync(new URL("../docs/house.md", import.meta.url), "utf8");
  expect(plain(page), "run npm run house:page").toBe(plain(houseWithTable(page)));
});

it("additions work side by side, and one whose place is gone is reported", () => {
  expect(filesWith(additions).changed.size).toBeGreaterThan(additions.length);
  const lost = { what: "nothing", does: (files: Files) => files.before("README.md", "no such line", "") };
  expect(() => filesWith([lost])).toThrow('README.md does not have "no such line" exactly once');
});

it("the README has the right number of rules", () => {
  const readme = readFileSync(new URL("../README.md", import.meta.url), "utf8");
  expect(readme).toContain(`**Findings**: ${rules.length} rules on`);
});
