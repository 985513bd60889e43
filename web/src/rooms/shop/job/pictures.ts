import { longestPicturePx } from "@proven-seat/contract";
import { del, get, set } from "idb-keyval";

/** Compression quality of a picture: no visible loss. */
const quality = 0.9;

/** A picture in a format any server reads, upright, no larger than it is stored; the camera's metadata stays here. */
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

/** Stores a picture on this device until it is sent; returns the reason where it is refused. */
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
