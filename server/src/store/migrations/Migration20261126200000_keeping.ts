import { Migration } from "@mikro-orm/migrations";

/** The number of daily copies is a setting of the organisation: one row, which `./start` reads. */
export class Migration20261126200000_keeping extends Migration {
  override async up(): Promise<void> {
    this.addSql(`create table keeping (
      one boolean primary key default true check (one),
      copies int not null check (copies between 0 and 366),
      version int not null,
      changed_at timestamptz not null,
      changed_by text not null)`);
    this.addSql(
      "insert into keeping (copies, version, changed_at, changed_by) values (14, 1, now(), 'first set')",
    );
  }

  override async down(): Promise<void> {
    this.addSql("drop table keeping");
  }
}
