import { create } from "zustand";

/** Whether somebody is adding a case: opened from the panel, from the empty table and by key. */
export const useAddCase = create<{ open: boolean; set: (open: boolean) => void }>()((set) => ({
  open: false,
  set: (open) => set({ open }),
}));
