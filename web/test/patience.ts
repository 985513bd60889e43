import { configure } from "@testing-library/react";

/** Proofs take their time on a slow machine; nothing in these tests asserts how long. */
configure({ asyncUtilTimeout: 20_000 });
