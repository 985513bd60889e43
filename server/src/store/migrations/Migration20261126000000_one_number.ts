import { Migration } from "@mikro-orm/migrations";
import { tagKey } from "@proven-seat/core/basis/text";

const atOnce = 1000;

/**
 * Tag numbers that look alike count as one: each row keeps their common key beside the number. Of tags that an earlier
 * release kept apart, the oldest has the key; the others use their own until they are renamed. A sheet remembers the
 * key of its request, so that a repeated request returns the same sheet.
 */
export class Migration20261126000000_one_number extends Migration {
  override async up(): Promise<void> {
    const rows = (await this.execute("select id, project_id, number from tag order by created_at, id")) as {
      id: string;
      project_id: string;
      number: string;
    }[];
    const used = new Set<string>();
    const keyed = rows.map(({ id, project_id, number }) => {
      const key = tagKey(number);
      const own = used.has(`${project_id} ${key}`) ? `${key} ~ ${id}` : key;
      used.add(`${project_id} ${own}`);
      return [id, own] as const;
    });
    this.addSql("alter table tag add column number_key text");
    for (let from = 0; from < keyed.length; from += atOnce) {
      const values = keyed
        .slice(from, from + atOnce)
        .map(([id, key]) => `('${id}'::uuid, '${key.replaceAll("'", "''")}')`);
      this.addSql(
        `update tag set number_key = keyed.key from (values ${values.join(", ")}) as keyed (id, key) where tag.id = keyed.id`,
      );
    }
    this.addSql("alter table tag alter column number_key set not null");
    this.addSql("alter table tag add constraint tag_number_key_unique unique (project_id, number_key)");
    this.addSql("alter table sheet add column asked_with text");
    this.addSql("create unique index sheet_asked_with on sheet (tag_id, asked_with)");
  }

  override async down(): Promise<void> {
    this.addSql("alter table tag drop column number_key");
    this.addSql("alter table sheet drop column asked_with");
  }
}
