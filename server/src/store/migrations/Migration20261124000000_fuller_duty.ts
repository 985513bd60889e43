import { Migration } from "@mikro-orm/migrations";

/**
 * Duties gained optional fields. Current duties get them as not stated; saved versions and issued sheets stay as they
 * were written. Frozen here, so that a later change of the duty cannot change this step.
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

  /** Nothing to undo: entered values stay, and the added fields are blank. */
  override async down(): Promise<void> {}
}
