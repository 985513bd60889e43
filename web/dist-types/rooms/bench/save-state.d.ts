/** Where the edits are: saved, on their way, or kept on this device. */
export declare function SaveStateText({ onStale }: { onStale: () => void }): import("react").JSX.Element;
//# sourceMappingURL=save-state.d.ts.map
