import { Migration } from "@mikro-orm/migrations";

/**
 * The basis of projects with its history, and results of their tags and sheets on each basis. Results are derived: they
 * may be deleted and computed again.
 */
export class Migration20261126600000_provings extends Migration {
  override async up(): Promise<void> {
    // A revision that came with an imported project is used by that project only, and never in force by itself.
    for (const table of ["catalogue_version", "house_rule_version"])
      this.addSql(`alter table ${table} add column brought_in boolean not null default false`);
    this.addSql(`create function brought_id(project uuid, was uuid) returns uuid immutable language sql as $$
      select overlay(overlay(md5(project::text || was::text) placing '8' from 13) placing 'a' from 17)::uuid $$`);
    this.addSql(`alter table project
      add column catalogue_revision int references catalogue_version (revision),
      add column house_rule_version int references house_rule_version (version)`);
    this.addSql(`update project set
      catalogue_revision = (select max(revision) from catalogue_version),
      house_rule_version = (select max(version) from house_rule_version)`);
    this.addSql(
      "alter table project alter column catalogue_revision set not null, alter column house_rule_version set not null",
    );
    this.addSql(`create table basis_decision (
      project_id uuid not null references project (id),
      number int not null,
      catalogue_revision int not null references catalogue_version (revision),
      house_rule_version int not null references house_rule_version (version),
      reason text not null,
      created_at timestamptz not null,
      created_by text not null,
      primary key (project_id, number))`);
    this.addSql(`insert into basis_decision
      select id, 1, catalogue_revision, house_rule_version, 'As the project stood', now(), created_by from project`);
    this.addSql(`create table basis (
      id int generated always as identity primary key,
      catalogue_revision int not null references catalogue_version (revision),
      house_rule_version int not null references house_rule_version (version),
      engine text not null,
      unique (catalogue_revision, house_rule_version, engine))`);
    this.addSql(`create table tag_result (
      tag_id uuid not null references tag (id) on delete cascade,
      basis_id int not null references basis (id),
      tag_version int not null,
      input_digest text not null,
      summary jsonb not null,
      marks jsonb not null,
      proved_at timestamptz not null,
      primary key (tag_id, basis_id))`);
    this.addSql(`create table sheet_result (
      sheet_id uuid not null references sheet (id),
      basis_id int not null references basis (id),
      outcome text not null,
      grave int not null,
      drift jsonb not null,
      proved_at timestamptz not null,
      primary key (sheet_id, basis_id))`);
    this.addSql(`create table drift_acknowledged (
      sheet_id uuid not null references sheet (id),
      basis_id int not null references basis (id),
      reason text not null,
      created_at timestamptz not null,
      created_by text not null,
      primary key (sheet_id, basis_id))`);
    for (const table of ["basis_decision", "drift_acknowledged"]) {
      this.addSql(
        `create trigger ${table}_is_history before update or delete on ${table} for each row execute function refuse_change()`,
      );
      this.addSql(
        `create trigger ${table}_is_kept before truncate on ${table} for each statement execute function refuse_change()`,
      );
    }
    this.addSql(`create table proving (
      id uuid primary key,
      project_id uuid not null references project (id) on delete cascade,
      basis_id int not null references basis (id),
      what text not null,
      state text not null check (state in ('under way', 'done', 'cancelled', 'failed')),
      total int not null,
      remaining int not null,
      attempts int not null,
      asked_at timestamptz not null,
      asked_by text not null,
      ended_at timestamptz)`);
    this.addSql(
      "create unique index proving_under_way on proving (project_id, basis_id, what) where state = 'under way'",
    );
    this.addSql("create index proving_of_project on proving (project_id, asked_at)");
  }

  override async down(): Promise<void> {
    for (const table of [
      "proving",
      "drift_acknowledged",
      "sheet_result",
      "tag_result",
      "basis",
      "basis_decision",
    ])
      this.addSql(`drop table ${table}`);
    this.addSql("alter table project drop column catalogue_revision, drop column house_rule_version");
    this.addSql("drop function brought_id");
    for (const table of ["catalogue_version", "house_rule_version"])
      this.addSql(`alter table ${table} drop column brought_in`);
  }
}
