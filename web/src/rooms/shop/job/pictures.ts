import { longestPicturePx } from "@proven-seat/contract";
import { del, get, set } from "idb-keyval";

/** How much of a picture is lost where it is written anew: nothing that is seen. */
const quality = 0.9;

/** A picture as any server reads it, upright, no larger than is kept; whatever else the camera wrote stays here. */
async function plain(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const share = Math.min(1, longestPicturePx / Math.max(picture.width, picture.height));
  const side = (px: number) => Math.max(1, Math.round(px * share));
  const canvas = new OffscreenCanvas(side(picture.width), side(picture.height));
  const paper = canvas.getContext("2d")!;
  paper.fillStyle = "#ffffff";
  paper.fillRect(0, 0, canvas.width, canvas.height);
  paper.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.convertToBlob({ type: "image/jpeg", quality });
}

/** Keeps a picture on this device until it is handed in; says why it is not taken where it is not. */
export async function keepPicture(id: string, file: Blob): Promise<string | null> {
  let picture: Blob;
  try {
    picture = await plain(file);
  } catch {
    return "This device cannot open the picture. Use JPEG or PNG.";
  }
  try {
    await set(`picture ${id}`, picture);
    return null;
  } catch {
    return "This device has no space for the picture. Send the waiting entries, then take the picture again.";
  }
}

export const keptPicture = (id: string): Promise<Blob | undefined> => get<Blob>(`picture ${id}`);
export const dropPicture = (id: string): Promise<void> => del(`picture ${id}`);
