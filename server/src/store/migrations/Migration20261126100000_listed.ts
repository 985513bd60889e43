import { Migration } from "@mikro-orm/migrations";

/** Columns of the line-up are stored beside the duty: a list that unpacks every duty for two values is slow. */
export class Migration20261126100000_listed extends Migration {
  override async up(): Promise<void> {
    this.addSql(
      "alter table tag add column listed_dn numeric generated always as ((duty ->> 'dn')::numeric) stored",
    );
    this.addSql(
      "alter table tag add column listed_line text generated always as (duty ->> 'lineDesignation') stored",
    );
  }

  override async down(): Promise<void> {
    this.addSql("alter table tag drop column listed_dn");
    this.addSql("alter table tag drop column listed_line");
  }
}
