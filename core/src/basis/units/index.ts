export { type Quantity, quantities } from "./definitions.ts";
export { figure } from "./figures.ts";
export { figureText, marginWords, readsInches, sizeText } from "./reading.ts";
export { parseNominalSize } from "./sizes.ts";
export {
  convertUnit,
  inSystem,
  parseQuantity,
  type Reading,
  shownUnit,
  type UnitSystem,
  unitSystems,
  unitsOf,
} from "./units.ts";
