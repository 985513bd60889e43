import type { Addition } from "./copy.ts";

const refusal: Addition = {
  what: "a refusal",
  does: (files) => {
    files.before("server/src/work/refusal.ts", '  | "override-needs-reason"', '  | "out-of-hours"\n');
    files.before(
      "server/src/http/answer-problems.ts",
      '  "override-needs-reason": 422,',
      '  "out-of-hours": 409,\n',
    );
  },
};

const route: Addition = {
  what: "a route",
  does: (files) => {
    files.before(
      "contract/src/addresses.ts",
      "  sheetSchema: {",
      '  engine: { method: "get", path: "/api/engine" },\n',
    );
    files.before(
      "contract/src/endpoints/system.ts",
      "  sheetSchema: endpoint({",
      `  engine: endpoint({
    ...addresses.engine,
    says: "Version of the engine",
    project: null,
    role: "anybody",
    answer: z.object({ engine: z.string() }),
  }),
`,
    );
    files.before(
      "server/src/http/routes/system.ts",
      '  mount("sheetSchema"',
      '  mount("engine", () => ({ engine: engineVersion }));\n',
    );
  },
  shows: `
    const { openApiDocument } = await import("@proven-seat/contract");
    assert.ok("/api/engine" in openApiDocument("1").paths);`,
};

const table: Addition = {
  what: "a table",
  remark: "tests fail if the entity or the rights are missing",
  does: (files) => {
    files.add(
      "server/src/store/migrations/Migration20991231000000_visits.ts",
      `import { Migration } from "@mikro-orm/migrations";

export class Migration20991231000000_visits extends Migration {
  override async up(): Promise<void> {
    this.addSql("create table visit (id uuid primary key, at timestamptz not null)");
  }

  override async down(): Promise<void> {
    this.addSql("drop table visit");
  }
}
`,
    );
    files.add(
      "server/src/store/entities/visit.ts",
      `import { defineEntity } from "@mikro-orm/core";

export const Visit = defineEntity({
  name: "Visit",
  tableName: "visit",
  properties: (p) => ({ id: p.uuid().primary(), at: p.datetime() }),
});
`,
    );
    files.enter(
      "server/src/store/entities/index.ts",
      'import { Visit } from "./visit.ts";',
      "  ShopPicture,\n]",
      "  Visit,\n",
    );
    files.enter(
      "server/src/store/orm.ts",
      'import { Migration20991231000000_visits as Visits } from "./migrations/Migration20991231000000_visits.ts";',
      "];\n\n/** Connects to PostgreSQL",
      '  { name: "20991231000000_visits", class: Visits },\n',
    );
    files.before("server/src/store/rights.ts", "  mikro_orm_migrations:", '  visit: ["select", "insert"],\n');
  },
  shows: `
    const { entities } = await import("./server/src/store/entities/index.ts");
    const { rights } = await import("./server/src/store/rights.ts");
    assert.ok(entities.some(({ meta }) => meta.tableName === "visit") && "visit" in rights);`,
};

const task: Addition = {
  what: "a task for a thread",
  does: (files) => {
    files.add(
      "server/src/jobs/tasks/count.ts",
      `/** How many items there are. */
export const count = ({ items }: { items: readonly unknown[] }) => items.length;
`,
    );
    files.enter(
      "server/src/jobs/tasks/index.ts",
      'import { count } from "./count.ts";',
      "  drawUp,\n  jobRecord,",
      "  count,\n",
    );
  },
  shows: `
    const { tasks } = await import("./server/src/jobs/tasks/index.ts");
    assert.equal(tasks.count({ items: [1, 2] }), 2);`,
};

export const additionsToServer = [refusal, route, table, task];
