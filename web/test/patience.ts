import { configure } from "@testing-library/react";
import { vi } from "vitest";

/** Proofs take their time on a slow machine; nothing in these tests asserts how long. */
const patience = 60_000;
configure({ asyncUtilTimeout: patience });
const { waitFor } = vi;
vi.waitFor = (check, options = patience) => waitFor(check, options);
