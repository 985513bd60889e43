/** Version of the judgement: it changes whenever a rule, a formula or a reference figure does. */
export const engineVersion = "0.17.0";
