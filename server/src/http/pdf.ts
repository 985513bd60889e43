import type { Request, Response } from "express";

/** Where the reader reached the server, so that an address on paper leads there again. */
export const originOf = (request: Request): string => `${request.protocol}://${request.get("host")}`;

/** Sends a PDF under a name. */
export const sendPdf = (response: Response, name: string, bytes: Uint8Array<ArrayBuffer>): void => {
  response
    .type("application/pdf")
    .set("Content-Disposition", `attachment; filename="${name}"`)
    .send(Buffer.from(bytes.buffer));
};
