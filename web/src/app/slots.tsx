import { createContext, type ReactNode, useContext, useState } from "react";
import { createPortal } from "react-dom";

type Places = {
  header: HTMLElement | null;
  status: HTMLElement | null;
  set: (name: "header" | "status", element: HTMLElement | null) => void;
};
const Slots = createContext<Places>({ header: null, status: null, set: () => undefined });

/** Lets a room write into the shell's header and footer without the shell knowing the room. */
export function SlotProvider({ children }: { children: ReactNode }) {
  const [header, setHeader] = useState<HTMLElement | null>(null);
  const [status, setStatus] = useState<HTMLElement | null>(null);
  return (
    <Slots.Provider
      value={{
        header,
        status,
        set: (name, element) => (name === "header" ? setHeader(element) : setStatus(element)),
      }}
    >
      {children}
    </Slots.Provider>
  );
}

export function HeaderSlot() {
  const { set } = useContext(Slots);
  return <div ref={(element) => set("header", element)} className="flex min-w-0 flex-1 items-center gap-4" />;
}

export function StatusSlot() {
  const { set } = useContext(Slots);
  return <div ref={(element) => set("status", element)} className="truncate" role="status" />;
}

export function InHeader({ children }: { children: ReactNode }) {
  const { header } = useContext(Slots);
  return header && createPortal(children, header);
}

export function InStatus({ children }: { children: ReactNode }) {
  const { status } = useContext(Slots);
  return status && createPortal(children, status);
}
