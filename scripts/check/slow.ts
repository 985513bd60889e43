import { BaseSequencer, type TestSpecification } from "vitest/node";

/**
 * Slow tests, the slowest first: killed processes, the whole demonstration, long properties. In the check of a change they
 * run only if they are changed themselves.
 */
export const slowTests = [
  "**/kills.test.ts",
  "**/start.test.ts",
  "**/faults.test.ts",
  "**/project-file.test.ts",
  "**/copies.test.ts",
  "**/database.test.ts",
  "**/metamorphic.test.ts",
  "**/listing.test.ts",
  "**/rules.test.ts",
  "**/cases.test.ts",
  "**/breaking.test.ts",
  "**/fuzz.test.ts",
  "**/demanding.test.ts",
  "**/tries.test.ts",
];

const rank = (file: string): number => {
  const index = slowTests.findIndex((pattern) => file.endsWith(pattern.slice(2)));
  return index < 0 ? slowTests.length : index;
};

/** Starts slow tests first. One that starts last runs alone, while the other cores have nothing to do. */
export class SlowestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const sorted = await super.sort(files);
    return sorted.sort((a, b) => rank(a.moduleId) - rank(b.moduleId));
  }
}
