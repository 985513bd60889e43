/** Why a file is not brought in, and in which line. */
export class NoProject extends Error {
  constructor(says: string, line?: number) {
    super(line === undefined ? says : `Line ${line}: ${says}`);
  }
}
