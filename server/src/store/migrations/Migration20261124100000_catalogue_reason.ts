import { Migration } from "@mikro-orm/migrations";

/** A revision of the catalogue states its origin; earlier ones have none. */
export class Migration20261124100000_catalogue_reason extends Migration {
  override async up(): Promise<void> {
    this.addSql("alter table catalogue_version add column reason text not null default ''");
  }

  override async down(): Promise<void> {
    this.addSql("alter table catalogue_version drop column reason");
  }
}
