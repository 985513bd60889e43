import { type Duty } from "@proven-seat/core/duty";
export interface ChoiceRow {
  readonly label: string;
  readonly path: string;
  readonly options: readonly (readonly [value: string, label: string])[];
  readonly get: (duty: Duty) => string;
  readonly set: (duty: Duty, value: string) => Partial<Duty>;
}
export declare const serviceFamily: ChoiceRow;
export declare const phase: ChoiceRow;
export declare const endConnection: ChoiceRow;
export declare const valveFunction: ChoiceRow;
export declare const flowDirection: ChoiceRow;
export declare const shutOff: ChoiceRow;
export declare const fireSafe: ChoiceRow;
export declare const inLineRepair: ChoiceRow;
export declare const operator: ChoiceRow;
export declare const onSupplyLoss: ChoiceRow;
//# sourceMappingURL=choices.d.ts.map
