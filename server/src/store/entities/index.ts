import { PinnedBasis, ProofBasis } from "./bases.ts";
import { KeptCopies } from "./keeping.ts";
import { ListColumns, ListDraft } from "./lists.ts";
import { Project } from "./project.ts";
import { DriftAcknowledged, Proving, SheetResult, TagResult } from "./provings.ts";
import { Proof, Sheet } from "./sheet.ts";
import { ShopEvent, ShopJob, ShopPicture } from "./shop.ts";
import { DutyVersion, Tag } from "./tag.ts";
import { CatalogueVersion, HouseRuleVersion } from "./versions.ts";

/** Every table of the application. */
export const entities = [
  Project,
  Tag,
  DutyVersion,
  CatalogueVersion,
  HouseRuleVersion,
  Proof,
  Sheet,
  KeptCopies,
  ListDraft,
  ListColumns,
  ProofBasis,
  PinnedBasis,
  Proving,
  TagResult,
  SheetResult,
  DriftAcknowledged,
  ShopJob,
  ShopEvent,
  ShopPicture,
];
