import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * The hardness of the closing member is stated once, by the materials of the trim; a flow trim names the materials it
 * is made in. A flow trim that called itself hard-faced beside others that did not is made in the coated materials;
 * where no material is coated, the statement had nothing behind it and is dropped. Frozen: later changes of the
 * catalogue do not change this step.
 */
export const oneClosingFace: VersionStep = {
  to: 9,
  says: "Flow trims name the material trims they are made in. Hard facing is read from the coating of the closing member alone.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: rows(catalogue.lines).map((line) => {
      const flowTrims = rows(line.flowTrims);
      const coated = rows(line.trims).flatMap(({ id, coating }) => (typeof coating === "string" ? [id] : []));
      const choice = coated.length > 0 && flowTrims.some(({ hardFaced }) => hardFaced !== true);
      return {
        ...line,
        flowTrims: flowTrims.map(({ hardFaced, ...trim }) => ({
          madeIn: choice && hardFaced === true ? coated : null,
          ...trim,
        })),
      };
    }),
  }),
};

const rows = (list: unknown): readonly Document[] => (Array.isArray(list) ? list : []);
