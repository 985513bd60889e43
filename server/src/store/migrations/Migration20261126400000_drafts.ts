import { Migration } from "@mikro-orm/migrations";

/** Rows of lists that wait for a user, and decisions on lists with the same headings. */
export class Migration20261126400000_drafts extends Migration {
  override async up(): Promise<void> {
    this.addSql(`create table list_draft (
      id uuid primary key,
      project_id uuid not null references project (id) on delete cascade,
      name text not null,
      content jsonb not null,
      created_at timestamptz not null,
      created_by text not null)`);
    this.addSql("create index list_draft_of_project on list_draft (project_id, created_at)");
    this.addSql(`create table list_memory (
      project_id uuid not null references project (id) on delete cascade,
      shape text not null,
      content jsonb not null,
      updated_at timestamptz not null,
      updated_by text not null,
      primary key (project_id, shape))`);
  }

  override async down(): Promise<void> {
    this.addSql("drop table list_memory");
    this.addSql("drop table list_draft");
  }
}
