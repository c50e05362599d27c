import createClient from 'openapi-fetch';
import type { components, paths } from './schema';
import { TIME_HEADER, heardYardTime } from '../time/yard-clock';
import { refusalOf } from './refusal';

type Schemas = components['schemas'];
export type BoatLine = Schemas['BoatLine'];
export type JobStanding = Schemas['JobStanding'];
export type BoatView = Schemas['BoatView'];
export type AfterEntries = Schemas['After'];
export type VisitPartView = Schemas['VisitPartView'];
export type VisitStepView = Schemas['VisitStepView'];
export type RedTagView = Schemas['RedTagView'];
export type CircuitView = Schemas['CircuitView'];
export type PartView = Schemas['PartView'];
export type SegmentView = Schemas['SegmentView'];
export type PointView = Schemas['PointView'];
export type FittingView = Schemas['FittingView'];
export type CardView = Schemas['CardView'];
export type StepView = Schemas['StepView'];
export type AskView = Schemas['AskView'];
export type Said = Schemas['Said'];
export type EntryEnvelope = Schemas['EntryEnvelope'];
/** An entry as it is sent: its own kind and fields beside what every entry has. */
export type NewEntry = EntryEnvelope & Said;
/** What a step asks for, of one kind. */
export type AskOf<Kind extends AskView['kind']> = Extract<AskView, { kind: Kind }>;
export type EntryView = Schemas['EntryView'];
export type VerdictView = Schemas['VerdictView'];
export type YardView = Schemas['YardView'];
export type JudgedAnewOne = Schemas['JudgedAnew'];
export type YardPlan = Schemas['YardPlan'];
export type ShelfView = Schemas['ShelfView'];
export type InstrumentView = Schemas['InstrumentView'];
export type Mixture = Schemas['Mixture'];
export type ProductView = Schemas['ProductView'];
export type CalibrationView = Schemas['CalibrationView'];
export type RoundStop = Schemas['Stop'];
export type Bottle = Schemas['Bottle'];
export type Forecast = Schemas['Forecast'];
export type Look = Schemas['Look'];
export type FilledSegment = Schemas['FilledSegment'];
export type DeviceReading = Schemas['DeviceReading'];
export type FrostView = Schemas['FrostView'];
export type BoatFrostView = Schemas['BoatFrostView'];
export type WeatherView = Schemas['WeatherView'];
export type CheckView = Schemas['CheckView'];
export type WalksView = Schemas['WalksView'];
export type StopView = Schemas['StopView'];
export type PackingLine = Schemas['ToCarry'];
export type MyWalkView = Schemas['MyWalk'];
export type BoatAhead = Schemas['BoatAhead'];
export type MoveView = Schemas['MoveView'];
export type CrewView = Schemas['CrewView'];
export type WeakestSamples = Schemas['WeakestTable'];
export type TimerView = Schemas['TimerView'];
export type TimersView = Schemas['TimersView'];
export type GaugeView = Schemas['GaugeView'];
export type FaultView = Schemas['FaultView'];
export type GuideView = Schemas['GuideView'];
export type FuelOfTank = Schemas['OfTank'];
export type LaunchLine = Schemas['LaunchLine'];
export type CastOffRound = Schemas['RoundView'];
export type RoundPart = Schemas['RoundPart'];
export type RoundCheck = Schemas['RoundCheck'];
export type RoundStanding = Schemas['RoundStanding'];
export type RoundReason = Schemas['Reason'];
export type RoundSent = Schemas['RoundIn'];
export type AfterSent = Schemas['AfterIn'];
export type TripSent = Schemas['TripIn'];
export type FuelFitted = Schemas['FuelFitted'];
export type OwnerLinkView = Schemas['LinkView'];
export type BookLine = Schemas['BookLine'];
export type LotRecall = Schemas['LotRecall'];
export type StoreLine = Schemas['StoreLine'];
export type ShelfLine = Schemas['ShelfLine'];
export type ComplaintView = Schemas['ComplaintView'];
export type CauseView = Schemas['CauseView'];
export type KitPiece = Schemas['PieceView'];
export type KitKindView = Schemas['KindView'];
export type StepKit = Schemas['StepKitView'];
export type DueLine = Schemas['DueLine'];
export type DueOfBoat = Schemas['DueOfBoat'];
export type EngineTrend = Schemas['EngineTrendView'];
export type TrendLine = Schemas['TrendLine'];
export type InTheWay = Schemas['InTheWay'];
export type ConditionView = Schemas['ConditionView'];
export type ReadingsView = Schemas['ReadingsView'];
export type ReadingStanding = Schemas['StandingView'];
export type Call = Schemas['FindingView']['call'];
export type PersonView = Schemas['PersonView'];
export type Invited = Schemas['InvitationView'];
export type SignedIn = Schemas['WhoIsHere'];
export type Protection = BoatLine['protection'];
export type Description = Schemas['BoatDescription'];
export type EngineDescription = Schemas['EngineDescription'];
export type DraftView = Schemas['DraftView'];
export type EngineChoices = Schemas['EngineChoices'];
export type OfferView = Schemas['OfferView'];
export type Catalog = Schemas['Catalog'];
export type LooseEndLine = Schemas['LooseEndLine'];
export type ImportView = Schemas['View'];
export type Procedure = CardView['procedure'];
export type Position = EngineDescription['position'];
export type Accessory = DraftView['unanswered'][number];
export type Answer = 'YES' | 'NO' | 'UNKNOWN';
export type Method = NonNullable<Description['method']>;

const CHANGES = new Set(['POST', 'PUT', 'DELETE', 'PATCH']);

/** What a changing request of this session carries. */
export function csrfToken(): string {
  const found = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
  return found ? decodeURIComponent(found.slice('XSRF-TOKEN='.length)) : '';
}

export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => fetch(request),
});

api.use({
  onRequest({ request }) {
    if (CHANGES.has(request.method)) request.headers.set('X-XSRF-TOKEN', csrfToken());
    return request;
  },
  async onResponse({ response }) {
    heardYardTime(response.headers.get(TIME_HEADER));
    if (response.ok) return undefined;
    const body: unknown = await response.json().catch(() => null);
    throw refusalOf(response.status, body);
  },
});

/** Under what stamp the server remembers what it told. */
export const STAMP_HEADER = 'Elsko-Stamp';

/** The data of an answer that is known to have some. */
export async function got<T>(answer: Promise<{ data?: T }>): Promise<T> {
  const { data } = await answer;
  return data as T;
}
