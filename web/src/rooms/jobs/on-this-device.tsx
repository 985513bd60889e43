import { jobTitles } from "@proven-seat/core/outcome/shop";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { useAddress } from "../../app/project.ts";
import { when } from "../../parts/dates.ts";
import { type Held, useDevice } from "../shop/job/device.ts";
import { handInAll } from "../shop/job/hand-in.ts";
import { dropPicture } from "../shop/job/pictures.ts";
import { addressOfJob } from "./job-address.ts";

/** Discards events that the server refuses, with their pictures. */
async function giveUp(id: string, { waiting }: Held): Promise<void> {
  useDevice.getState().giveUp(id);
  for (const { said } of waiting) if (said.kind === "picture") await dropPicture(said.picture);
}

function Waiting({ id, held }: { id: string; held: Held }) {
  const address = useAddress();
  const [asked, setAsked] = useState(false);
  const { kind, tagId, valve, startedAt, waiting, refused } = held;
  const isSingle = waiting.length === 1;
  const count = isSingle ? "1 entry" : `${waiting.length} entries`;
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      <Link className="flex min-h-11 items-center underline" to={address(addressOfJob({ kind, tagId, id }))}>
        {jobTitles[kind]}
      </Link>
      <span className="min-w-0 truncate">{valve}</span>
      <span className="text-dim">
        {count}, started {when(startedAt)}
      </span>
      {refused !== null && (
        <>
          <span className="text-fails">rejected by the server: {refused}</span>
          {asked ? (
            <>
              <button type="button" className="act min-h-11 text-fails" onClick={() => void giveUp(id, held)}>
                Discard {count} permanently
              </button>
              <button type="button" className="quiet min-h-11 px-2" onClick={() => setAsked(false)}>
                keep {isSingle ? "it" : "them"}
              </button>
            </>
          ) : (
            <button type="button" className="quiet min-h-11 px-2 underline" onClick={() => setAsked(true)}>
              discard
            </button>
          )}
        </>
      )}
    </li>
  );
}

/** Events waiting on this device, of any job: sent when there is a connection. */
export function OnThisDevice() {
  const jobs = useDevice((s) => s.jobs);
  const waiting = Object.entries(jobs).filter(([, held]) => held.waiting.length > 0);
  useEffect(() => {
    void handInAll();
  }, []);
  if (waiting.length === 0) return null;
  return (
    <section aria-label="On this device" className="mb-4 border-l-4 border-tight pl-4">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="font-semibold">Waiting on this device</h2>
        <button type="button" className="act min-h-11" onClick={() => void handInAll()}>
          Send
        </button>
      </div>
      <ul>
        {waiting.map(([id, held]) => (
          <Waiting key={id} id={id} held={held} />
        ))}
      </ul>
    </section>
  );
}
