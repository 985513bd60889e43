import { create } from "zustand";

/** Whether the dialog "Add a case" is open. The panel, the empty table and a shortcut open it. */
export const useAddCase = create<{ open: boolean; set: (open: boolean) => void }>()((set) => ({
  open: false,
  set: (open) => set({ open }),
}));
