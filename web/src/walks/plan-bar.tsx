import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { WalksView } from '../api/client';
import { jobsQuery } from '../queries/queries';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { boatsOf, clock, number } from '../words/words';
import { daysOf } from '../words/days';
import { planAgain } from './plan-again';
import { JustSent, SendPlan } from './send-plan';

const repairs = (loss: number) =>
  `${number(loss, 1)} ${number(loss, 1) === '1' ? 'repair' : 'repairs'}`;

/** What kind of plan is shown, what it comes to, and what can be done with it. */
export function PlanBar({ walks, mayPlan }: { walks: WalksView; mayPlan: boolean }) {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const [asked, setAsked] = useState(false);
  const { plan, job } = walks;
  const tightest = plan?.ahead.find((one) => one.slackDays !== null && one.slackDays >= 0);
  const { data: jobs } = useQuery({ ...jobsQuery, enabled: asked });
  const last = jobs?.find(({ kind }) => kind === 'PLANNING');
  const cameToNothing = asked && !job && last?.state === 'FAILED' ? last.words : null;
  const act = (what: () => Promise<unknown>) =>
    refused.attempt(async () => {
      await what();
      await queries.invalidateQueries({ queryKey: keys.plans });
    });
  const search = () =>
    act(async () => {
      setAsked(true);
      await planAgain();
    });
  return (
    <div className="border-line bg-paper-2 flex flex-wrap items-center gap-x-5 gap-y-2 border-b px-5 py-2 text-[14px]">
      <h1 className="font-stencil text-[28px] leading-none font-bold uppercase">Walks</h1>
      <p className="m-0" role="status">
        {plan === null
          ? 'Nobody was told anything yet.'
          : plan.draft
            ? 'Draft, not sent.'
            : `Told ${clock(plan.publishedAt!)} by ${plan.publishedBy}.`}
        {plan && (
          <span className="text-soft">
            {' '}
            {boatsOf(walks.boatsLeft)} with work left
            {tightest && ` · least slack ${daysOf(tightest.slackDays!)}, ${tightest.name}`} ·
            expected frost damage: {repairs(plan.figures.frostLoss)}
            {plan.continuity &&
              ` · ${plan.continuity.inOne} of ${plan.continuity.boats} by one person in one go`}
            {plan.figures.toldOtherwise > 0 &&
              ` · ${plan.figures.toldOtherwise} stops differ from the plan sent`}
          </span>
        )}
      </p>
      <nav aria-label="More of the plan" className="flex gap-4">
        <Link className="plain" to="/walks/season">
          whole season
        </Link>
        <Link className="plain" to="/frost">
          what freezes first
        </Link>
      </nav>
      <div className="ml-auto flex flex-wrap items-center gap-3">
        {job && (
          <>
            <progress value={job.seconds} max={job.ofSeconds} aria-label="Planning" />
            <span>
              {job.best
                ? `best so far: ${repairs(job.best.frostLoss)}, ${job.best.walkingMinutes} min walking`
                : 'planning'}
            </span>
            <button
              type="button"
              className="btn"
              onClick={() => void act(() => api.DELETE('/api/walks/search'))}
            >
              Stop here
            </button>
          </>
        )}
        {mayPlan && !job && (
          <>
            {plan?.draft && (
              <button
                type="button"
                className="plain"
                onClick={() => void act(() => got(api.DELETE('/api/walks/draft')))}
              >
                discard draft
              </button>
            )}
            <button type="button" className="btn" onClick={() => void search()}>
              {plan ? 'Plan again from now' : 'Plan'}
            </button>
            {plan?.draft && (
              <SendPlan
                walks={walks}
                send={() => void act(() => got(api.POST('/api/walks/publish')))}
              />
            )}
            {plan && !plan.draft && (
              <JustSent
                at={plan.publishedAt!}
                takeBack={() => void act(() => got(api.DELETE('/api/walks/publish')))}
              />
            )}
          </>
        )}
        {walks.crew.workers.length === 0 && mayPlan && asked && (
          <Link className="plain" to="/settings">
            add people under Settings
          </Link>
        )}
      </div>
      <RefusedLine words={refused.elsewhere ?? cameToNothing} />
    </div>
  );
}
