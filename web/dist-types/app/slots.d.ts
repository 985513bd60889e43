import { type ReactNode } from "react";
/** Lets a room write into the shell's header and footer without the shell knowing the room. */
export declare function SlotProvider({ children }: { children: ReactNode }): import("react").JSX.Element;
export declare function HeaderSlot(): import("react").JSX.Element;
export declare function StatusSlot(): import("react").JSX.Element;
export declare function InHeader({ children }: { children: ReactNode }): import("react").ReactPortal | null;
export declare function InStatus({ children }: { children: ReactNode }): import("react").ReactPortal | null;
//# sourceMappingURL=slots.d.ts.map
