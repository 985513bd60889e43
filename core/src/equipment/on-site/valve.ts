import { seatMaterial } from "../../basis/reference/seats.ts";
import { constructionNamed } from "../../construction/bodies/constructions.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { numbering } from "../catalogue/identity.ts";
import type { ProductLine, ProductSize } from "../catalogue/schema.ts";
import type { OfferedSize } from "../catalogue/shelf.ts";
import { type Valve, valvesOfSize } from "../catalogue/valve.ts";
import { lineByConstruction } from "../unlisted/line.ts";
import { usualBolting } from "../unlisted/materials.ts";

/**
 * Designations tried where the duty names none, or none it is built in: nothing on an installed valve depends on them.
 */
const designations = [
  "class 150",
  "class 300",
  "class 600",
  "class 900",
  "class 1500",
  "class 2500",
  "PN 16",
  "PN 40",
];

const notStated = "not stated";

/** Its torque at any differential: only the one at which it was measured or stated is known. */
function torqueOf({ cases }: Duty, breakNm: number, seat: string): Pick<ProductSize, "torque"> {
  const maximum = Math.max(0, ...cases.flatMap((c) => [c.upstreamBarG ?? 0, c.downstreamBarG ?? 0]));
  return {
    torque: {
      differentialBar: [0, Math.ceil(1.2 * maximum + 2)],
      breakToOpenNm: { [seat]: [breakNm, breakNm] },
    },
  };
}

function stemEndOf({ onSiteStemForm, onSiteStemAcrossMm, onSiteStemHeightMm }: Duty): ProductSize["stemEnd"] {
  if (onSiteStemForm === null || onSiteStemAcrossMm === null || onSiteStemHeightMm === null) return null;
  return {
    form: onSiteStemForm,
    acrossMm: onSiteStemAcrossMm,
    heightMm: onSiteStemHeightMm,
    flats: null,
    keys: null,
  };
}

/** A line with the installed valve alone; null where mandatory values are missing. */
function lineOnSite(duty: Duty): ProductLine | null {
  const { dn, onSiteConstruction, onSiteBreakNm: breakNm, onSitePad: pad, onSiteStemLimitNm: limitNm } = duty;
  if (dn === null || onSiteConstruction === null || breakNm === null || pad === null || limitNm === null)
    return null;
  const construction = constructionNamed(onSiteConstruction);
  if (!construction) return null;
  const usual = [...(duty.lineDesignation === null ? [] : [duty.lineDesignation]), ...designations]
    .map((designation) => lineByConstruction(construction, dn, designation, usualBolting[0]!))
    .find((line) => line !== null);
  if (!usual) return null;
  const growth = ({ seat }: ProductLine["seats"][number]) => seatMaterial(seat)!.breakGrowthPerDecade;
  // For a seat that is not stated: the one that sticks most over time.
  const seat = usual.seats.reduce((worst, seat) => (growth(seat) > growth(worst) ? seat : worst));
  const share = (nm: number | null) => (nm ?? breakNm) / breakNm;
  const [size] = usual.sizes;
  return {
    ...usual,
    id: "on-site",
    maker: "on site",
    name: "valve on site",
    cavities: usual.cavities.slice(0, 1),
    stemExtension: false,
    ends: duty.endConnection === null ? usual.ends : [duty.endConnection],
    grades: usual.grades.slice(0, 1),
    trims: usual.trims.slice(0, 1),
    seats: [{ ...seat, priceFactor: 1 }],
    seals: usual.seals.slice(0, 1),
    stroke: {
      runToOpen: share(duty.onSiteRunToOpenNm),
      endToOpen: share(duty.onSiteEndToOpenNm),
      breakToClose: share(duty.onSiteBreakToCloseNm),
      runToClose: share(duty.onSiteRunToCloseNm),
      endToClose: share(duty.onSiteEndToCloseNm),
    },
    torqueIncludesFactor: duty.onSiteFactorIn ?? 1,
    sizes: [
      {
        ...size!,
        maximumStemTorqueNm: limitNm,
        pad,
        stemEnd: stemEndOf(duty),
        // It is paid for and installed.
        price: 0.01,
        weightKg: 0.01,
        ...torqueOf(duty, breakNm, seat.seat),
      },
    ],
  };
}

/** Marks unstated values, so that no usual value counts as its own. */
const unnamed = (valve: Valve): Valve => ({
  ...valve,
  price: 0,
  grade: { ...valve.grade, grade: notStated },
  trim: { ...valve.trim, name: notStated },
  seat: {
    ...valve.seat,
    material: { ...valve.seat.material, name: "seat not stated: the one with the highest torque" },
  },
  seals: { ...valve.seals, name: notStated },
});

const known = new WeakMap<Duty, readonly OfferedSize[]>();

/**
 * The installed valve of a duty.
 *
 * @param duty as entered
 * @returns it alone, as a size of a line of its own; none where mandatory values are missing
 * @source what is typed; everything else is that of its construction and judged by no rule
 */
export function valveOnSite(duty: Duty): readonly OfferedSize[] {
  const cached = known.get(duty);
  if (cached) return cached;
  const line = lineOnSite(duty);
  const sizes = line
    ? [{ line, size: line.sizes[0]!, valves: valvesOfSize(line, line.sizes[0]!, numbering()).map(unnamed) }]
    : [];
  known.set(duty, sizes);
  return sizes;
}
