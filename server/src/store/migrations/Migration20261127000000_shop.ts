import { Migration } from "@mikro-orm/migrations";

const history = ["shop_job", "shop_event", "shop_picture"];

/** Jobs of the shop: their data, events and pictures. None of it is ever changed. */
export class Migration20261127000000_shop extends Migration {
  override async up(): Promise<void> {
    this.addSql(`create table shop_job (
      id uuid primary key,
      tag_id uuid not null references tag (id),
      kind text not null,
      valve text not null,
      plan jsonb,
      started_at timestamptz not null,
      started_by text not null,
      handed_in_by text not null)`);
    this.addSql("create index shop_job_of_tag on shop_job (tag_id, started_at)");
    this.addSql(`create table shop_event (
      id uuid primary key,
      job_id uuid not null references shop_job (id),
      seq bigint generated always as identity,
      at timestamptz not null,
      who text not null,
      said jsonb not null,
      received_at timestamptz not null,
      handed_in_by text not null)`);
    this.addSql("create index shop_event_of_job on shop_event (job_id, seq)");
    this.addSql(`create table shop_picture (
      id uuid primary key,
      job_id uuid not null references shop_job (id),
      digest text not null,
      jpeg bytea not null,
      received_at timestamptz not null,
      handed_in_by text not null)`);
    for (const table of history) {
      this.addSql(
        `create trigger ${table}_is_history before update or delete on ${table} for each row execute function refuse_change()`,
      );
      this.addSql(
        `create trigger ${table}_is_kept before truncate on ${table} for each statement execute function refuse_change()`,
      );
    }
  }

  override async down(): Promise<void> {
    for (const table of [...history].reverse()) this.addSql(`drop table ${table}`);
  }
}
