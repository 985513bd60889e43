import { Migration } from "@mikro-orm/migrations";

/**
 * Duties gained fields that may be left open. Those in force get them as not stated; saved versions and
 * issued sheets stay as they were written. Frozen here, so that a later change of the duty cannot change
 * what this step did.
 */
const duty =
  '{"pipeBoreMm":null,"port":null,"emissionClass":null,"deadEnd":null,"equalisingBypass":null,"cavityRelief":null,"lineTestBarG":null,"installation":null,"jacketBarG":null,"jacketC":null}';
const fluid =
  '{"substance":null,"hazards":null,"densityKgM3":null,"viscosityMPaS":null,"vapourPressureBarA":null,"compressibility":null,"isentropicExponent":null,"h2sKPa":null,"chloridesMgL":null,"freeWater":null,"solidsPercent":null,"solidsHard":null,"fibres":null}';
const operatingCase = '{"phase":null,"rate":null,"rateBasis":"m³/h"}';

export class Migration20261124000000_fuller_duty extends Migration {
  override async up(): Promise<void> {
    this.addSql(`update tag set duty = '${duty}'::jsonb || tag.duty || jsonb_build_object(
      'fluid', '${fluid}'::jsonb || (tag.duty -> 'fluid'),
      'cases', coalesce((select jsonb_agg('${operatingCase}'::jsonb || c order by at)
        from jsonb_array_elements(tag.duty -> 'cases') with ordinality as listed (c, at)), '[]'::jsonb))`);
  }

  /** Nothing to take back: what was entered stays, and the added fields say nothing. */
  override async down(): Promise<void> {}
}
