/** Saves what is on the bench now; calls that come while one runs wait for it. */
export declare function saveNow(): Promise<void>;
/** Keeps every edit on this device at once and saves it after a pause; a lost server is tried again. */
export declare function useAutosave(): void;
//# sourceMappingURL=saving.d.ts.map
