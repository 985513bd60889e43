import { Migration } from "@mikro-orm/migrations";

/** Tables whose rows are history: the database itself refuses to change them. */
const immutable = ["duty_version", "catalogue_version", "house_rule_version", "proof", "sheet"];

export class Migration20261123000000_first extends Migration {
  override async up(): Promise<void> {
    this.addSql(`create table project (
      id uuid primary key, name text not null unique, note text not null, opens_on uuid,
      created_at timestamptz not null, created_by text not null)`);
    this.addSql(`create table tag (
      id uuid primary key, project_id uuid not null references project (id), number text not null,
      service text not null, unit text not null, duty jsonb not null, duty_version int not null,
      choice jsonb, version int not null, created_at timestamptz not null, created_by text not null,
      updated_at timestamptz not null, updated_by text not null, unique (project_id, number))`);
    // No reference to tag: the history of a removed tag stays.
    this.addSql(`create table duty_version (
      tag_id uuid not null, version int not null, duty jsonb not null,
      created_at timestamptz not null, created_by text not null, primary key (tag_id, version))`);
    this.addSql(`create table catalogue_version (
      revision int primary key, digest text not null, content jsonb not null,
      created_at timestamptz not null, created_by text not null)`);
    this.addSql(`create table house_rule_version (
      version int primary key, content jsonb not null, reason text not null,
      created_at timestamptz not null, created_by text not null)`);
    this.addSql(`create table proof (
      id uuid primary key, tag_id uuid not null references tag (id), duty_version int not null,
      catalogue_revision int not null references catalogue_version (revision),
      house_rule_version int not null references house_rule_version (version),
      engine text not null, digest text not null, content jsonb not null,
      created_at timestamptz not null, created_by text not null)`);
    this.addSql(`create table sheet (
      id uuid primary key, tag_id uuid not null references tag (id), proof_id uuid not null references proof (id),
      revision text not null, content jsonb not null, issued_at timestamptz not null, issued_by text not null,
      unique (tag_id, revision))`);
    this.addSql(`create function refuse_change() returns trigger language plpgsql as $$
      begin raise exception '% is history and is not changed', tg_table_name using errcode = 'restrict_violation'; end $$`);
    for (const table of immutable) {
      this.addSql(
        `create trigger ${table}_is_history before update or delete on ${table} for each row execute function refuse_change()`,
      );
      this.addSql(
        `create trigger ${table}_is_kept before truncate on ${table} for each statement execute function refuse_change()`,
      );
    }
  }

  override async down(): Promise<void> {
    for (const table of [
      "sheet",
      "proof",
      "house_rule_version",
      "catalogue_version",
      "duty_version",
      "tag",
      "project",
    ]) {
      this.addSql(`drop table ${table}`);
    }
    this.addSql("drop function refuse_change");
  }
}
