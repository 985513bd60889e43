import { Migration } from "@mikro-orm/migrations";

/** A revision of the catalogue says where it comes from; those that came before say nothing. */
export class Migration20261124100000_catalogue_reason extends Migration {
  override async up(): Promise<void> {
    this.addSql("alter table catalogue_version add column reason text not null default ''");
  }

  override async down(): Promise<void> {
    this.addSql("alter table catalogue_version drop column reason");
  }
}
