import { Migration } from "@mikro-orm/migrations";

/** Columns of a list without a field are kept with the tag, by their headings. */
export class Migration20261126300000_remarks extends Migration {
  override async up(): Promise<void> {
    this.addSql("alter table tag add column remarks jsonb not null default '{}'");
  }

  override async down(): Promise<void> {
    this.addSql("alter table tag drop column remarks");
  }
}
