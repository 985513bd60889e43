/** Common parts of manual operators: they stay where they are left, and the hand is their supply. */

import { steady } from "../../basis/stroke/profile.ts";
import type { AnyFamily, AnySize, Drive, NamedSupply, Supplies, SupplyEnd } from "./kind.ts";
import { staying } from "./staying.ts";

const handAt = ({ hand }: Supplies, end: SupplyEnd): number =>
  end === "lowest" ? hand.steadyN : hand.hardestN;

/**
 * A hand as a finding names it.
 *
 * @param supplies of the duty
 * @param end continuous force, or short-time force
 * @returns force, N
 */
export const suppliedByHand = (supplies: Supplies, end: SupplyEnd): NamedSupply => ({
  what: end === "lowest" ? "sustained hand force" : "highest hand force",
  value: handAt(supplies, end),
  unit: "N",
  origin: "house rule",
});

/**
 * A manual operator: the same torque per newton over the whole stroke.
 *
 * @param family its family
 * @param size its size
 * @param perNewtonNm torque at the stem for each newton of the hand, N·m
 * @returns the drive
 */
export const turnedByHand = (family: AnyFamily, size: AnySize, perNewtonNm: number): Drive =>
  staying(family, size, (supplies, end) => steady(perNewtonNm * handAt(supplies, end)));
