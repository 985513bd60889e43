import { Migration } from "@mikro-orm/migrations";

/** Projects: defaults of their tags, numbering, and whether they are archived. */
export class Migration20261126500000_projects extends Migration {
  override async up(): Promise<void> {
    this.addSql(`alter table project
      add column defaults jsonb not null default '{}',
      add column numbering text not null default 'NEW-#',
      add column unit_system text not null default 'metric',
      add column standards text not null default '',
      add column archived boolean not null default false,
      add column version int not null default 1`);
  }

  override async down(): Promise<void> {
    this.addSql(`alter table project
      drop column defaults, drop column numbering, drop column unit_system, drop column standards,
      drop column archived, drop column version`);
  }
}
