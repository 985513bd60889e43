import { addressOf } from "@proven-seat/contract/addresses";
import type { Picture, Said } from "@proven-seat/core/outcome/shop";
import { useEffect, useState } from "react";
import { dropPicture, keepPicture, keptPicture } from "./pictures.ts";

/** A picture: from this device while it waits, else from the server. */
function Taken({ picture, tagId, job }: { picture: Picture; tagId: string; job: string }) {
  const there = addressOf("jobPicture", { id: tagId, job, picture: picture.picture });
  const [source, setSource] = useState<string | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let address: string | null = null;
    let gone = false;
    keptPicture(picture.picture)
      .catch(() => undefined)
      .then((file) => {
        if (gone) return;
        address = file ? URL.createObjectURL(file) : null;
        setSource(address ?? there);
      });
    return () => {
      gone = true;
      if (address !== null) URL.revokeObjectURL(address);
    };
  }, [picture.picture, there]);
  if (failed)
    return (
      <span className="text-[14px] text-dim">
        {picture.name}: not yet sent by {picture.who}
      </span>
    );
  return source === null ? null : (
    <a href={source} target="_blank" rel="noreferrer" title={`${picture.name}, ${picture.who}`}>
      <img
        src={source}
        alt={picture.name}
        className="h-20 border border-rule object-cover"
        onError={() => setFailed(true)}
      />
    </a>
  );
}

/** Pictures of a step, and a button to add one. */
export function PicturesTaken({
  step,
  pictures,
  tagId,
  job,
  closed,
  onSay,
}: {
  step: string | null;
  pictures: readonly Picture[];
  tagId: string;
  job: string | null;
  closed: boolean;
  onSay: (said: Said) => boolean;
}) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async (file: File) => {
    const picture = crypto.randomUUID();
    const why = await keepPicture(picture, file);
    setTrouble(why);
    if (why !== null) return;
    const name = file.name.slice(0, 200) || "picture";
    if (!onSay({ kind: "picture", step, picture, name })) await dropPicture(picture);
  };
  return (
    <section aria-label="Pictures" className="flex flex-wrap items-center gap-3">
      {job !== null &&
        pictures.map((picture) => <Taken key={picture.picture} picture={picture} tagId={tagId} job={job} />)}
      {!closed && (
        <label className="quiet flex min-h-11 cursor-pointer items-center px-2 focus-within:outline-2">
          take a picture
          <input
            type="file"
            accept="image/*"
            capture="environment"
            className="sr-only"
            onChange={(e) => {
              const [file] = e.target.files ?? [];
              e.target.value = "";
              if (file) void take(file);
            }}
          />
        </label>
      )}
      {trouble && (
        <span role="alert" className="text-fails">
          {trouble}
        </span>
      )}
    </section>
  );
}
