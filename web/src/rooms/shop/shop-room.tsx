import { Link, NavLink, useParams } from "react-router";
import { useAddress } from "../../app/project.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { useAnswer } from "../../bench/answers.ts";
import { useBench } from "../../bench/bench-store.ts";
import { OpenTag } from "../../bench/open-tag.tsx";
import { useBenchProof } from "../../bench/proof.ts";
import { Notice } from "../../parts/notice.tsx";
import { PlanView } from "./plan-view.tsx";
import { plans } from "./plans.ts";

function Shop({ tagId, path }: { tagId: string; path: string }) {
  const address = useAddress();
  const number = useBench((s) => s.content!.number);
  const service = useBench((s) => s.content!.service);
  const chosen = plans.find((one) => one.path === path) ?? plans[0]!;
  const { view, failure } = useBenchProof();
  const inHand = view?.inHand ?? null;
  const { answer: came, failure: planFailed } = useAnswer(
    view?.proof ?? null,
    "plan",
    inHand === null ? null : [inHand.candidate.key, chosen.kind],
  );
  // One plan is never shown under another's name.
  const answer = came?.kind === chosen.kind ? came : undefined;
  const wrong = failure ?? planFailed;
  return (
    <div className="grid h-full grid-rows-[auto_minmax(0,1fr)]">
      <InHeader>
        <h1 className="font-semibold whitespace-nowrap">{number}</h1>
        <span className="truncate text-dim">{service}</span>
      </InHeader>
      <InStatus>The maker's instructions, the site's permit and local law stand before these steps.</InStatus>
      <div className="flex items-center gap-4 border-b border-rule px-6">
        <nav aria-label="Plans" className="flex gap-4">
          {plans.map((one) => (
            <NavLink
              key={one.path}
              to={address(`/tags/${tagId}/shop/${one.path}`)}
              aria-current={one === chosen ? "page" : undefined}
              className={`flex min-h-11 items-center whitespace-nowrap ${one === chosen ? "border-b-2 border-ink font-semibold" : "text-dim"}`}
            >
              {one.name}
            </NavLink>
          ))}
        </nav>
        <Link
          className="quiet ml-auto flex min-h-11 items-center whitespace-nowrap"
          to={address(`/tags/${tagId}/body`)}
        >
          to the bench
        </Link>
        {inHand && (
          <span className="truncate text-dim">
            {inHand.candidate.valve.construction} · {inHand.candidate.valve.seat}
          </span>
        )}
      </div>
      {wrong && <Notice title="The plan could not be made">{wrong}</Notice>}
      {!wrong && view && !inHand && (
        <Notice title="No valve is in hand">
          State the size of the tag, so that there is a valve to plan for.
        </Notice>
      )}
      {!wrong && !(view && !inHand) && !answer && <Notice title="Making the plan …" />}
      {!wrong && inHand && answer && (
        <PlanView
          key={`${tagId} ${chosen.path}`}
          plan={answer}
          name={`${tagId} ${chosen.path}`}
          section={inHand.section}
        />
      )}
    </div>
  );
}

/** Work on the valve of a tag, one step at a time. */
export function ShopRoom() {
  const { plan = "strip" } = useParams();
  return <OpenTag rest={`shop/${plan}`}>{(tagId) => <Shop tagId={tagId} path={plan} />}</OpenTag>;
}
