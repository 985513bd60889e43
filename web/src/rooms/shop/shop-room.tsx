import { Link, NavLink, useParams } from "react-router";
import { useAddress } from "../../app/project.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { OpenTag } from "../../bench/open-tag.tsx";
import { useBenchProof } from "../../bench/proof.ts";
import { OfflineNotice } from "../../offline/offline-notice.tsx";
import { OpensOffline } from "../../offline/opens-offline.tsx";
import { useOfflineRoom } from "../../offline/use-offline-room.ts";
import { Notice } from "../../parts/notice.tsx";
import { ChangedMeanwhile } from "./changed-meanwhile.tsx";
import { useClearBehind } from "./clear-behind.ts";
import { SignedPage, Who } from "./job/who.tsx";
import { pages } from "./pages.ts";

function Shop({ tagId, path, opens }: { tagId: string; path: string; opens: boolean | null }) {
  const address = useAddress();
  useClearBehind(tagId);
  const number = useBench((s) => s.content!.number);
  const service = useBench((s) => s.content!.service);
  const { Page, ...shown } = pages.find((page) => page.path === path) ?? pages[0]!;
  const { view, failure } = useBenchProof();
  const valve = view?.selected?.candidate.valve;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <InHeader>
        <h1 className="font-semibold whitespace-nowrap">{number}</h1>
        <span className="truncate text-dim">{service}</span>
      </InHeader>
      <InStatus>
        <OpensOffline opens={opens} />
        The maker's instructions, the site's permit and local law take precedence over these steps.
      </InStatus>
      <div>
        <OfflineNotice />
        <ChangedMeanwhile tagId={tagId} />
        <div className="flex flex-wrap items-center gap-x-4 border-b border-rule px-6">
          <nav aria-label="Plans" className="flex gap-4">
            {pages.map(({ path: to, name }) => (
              <NavLink
                key={to}
                to={address(`/tags/${tagId}/shop/${to}`)}
                aria-current={to === shown.path ? "page" : undefined}
                className={`flex min-h-11 items-center whitespace-nowrap ${to === shown.path ? "border-b-2 border-ink font-semibold" : "text-dim"}`}
              >
                {name}
              </NavLink>
            ))}
          </nav>
          <span className="ml-auto" />
          <Who />
          <Link
            className="quiet flex min-h-11 items-center whitespace-nowrap"
            to={address(`/tags/${tagId}/body`)}
          >
            go to the bench
          </Link>
          {valve && (
            <span className="hidden truncate text-dim lg:inline">
              {valve.construction} · {valve.seat}
            </span>
          )}
        </div>
      </div>
      {failure ? (
        <Notice title="The plan could not be made">{failure}</Notice>
      ) : !view ? (
        <Notice title="Proving …" />
      ) : view.selected ? (
        <Page key={tagId} tagId={tagId} view={view} />
      ) : (
        <Notice title="No valve selected">
          Enter the size of the tag so that a valve can be selected for the plan.
        </Notice>
      )}
    </div>
  );
}

/** Work on the valve of a tag, one step at a time. */
export function ShopRoom() {
  const { plan = "strip" } = useParams();
  const opens = useOfflineRoom();
  return (
    <SignedPage>
      <OpenTag rest={`shop/${plan}`}>{(tagId) => <Shop tagId={tagId} path={plan} opens={opens} />}</OpenTag>
    </SignedPage>
  );
}
