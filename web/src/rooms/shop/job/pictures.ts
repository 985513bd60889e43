import { del, get, set } from "idb-keyval";

/** The largest picture that is taken in, bytes: what one request may hold. */
const mostBytes = 20 * 2 ** 20;

/** Keeps a picture on this device until it is handed in; says why it is not taken where it is not. */
export async function keepPicture(id: string, file: Blob): Promise<string | null> {
  if (!file.type.startsWith("image/")) return "That is no picture.";
  if (file.size > mostBytes) return "That picture is larger than 20 MB: take it smaller.";
  try {
    await set(`picture ${id}`, file);
    return null;
  } catch {
    return "This device has no room for the picture: hand in what waits, then take it again.";
  }
}

export const keptPicture = (id: string): Promise<Blob | undefined> => get<Blob>(`picture ${id}`);
export const dropPicture = (id: string): Promise<void> => del(`picture ${id}`);
