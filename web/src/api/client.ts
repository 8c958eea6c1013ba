import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type CaseView = Schemas['CaseView'];
export type Details = Schemas['Details'];
export type Line = Schemas['Line'];
export type FoundCases = Schemas['Found'];
export type DeskView = Schemas['DeskView'];
export type OtherCase = Schemas['Other'];
export type CannerMessage = Schemas['Message'];
export type SetAside = Schemas['SetAsideView'];
export type Passage = Schemas['Passage'];
export type Language = Reply['language'];
export type Readability = Schemas['Read'];
export type Snippet = Schemas['PhraseView'];
export type PersonLine = Schemas['PersonLine'];
export type PrivateAnswer = Schemas['PrivateAnswer'];
export type Asked = Schemas['Asked'];
export type PlanWish = Schemas['PlanWish'];
export type PlanDoc = Schemas['PlanDoc'];
export type Season = Schemas['SeasonDoc'];
export type Scored = Schemas['Scored'];
export type MarkDoc = Schemas['MarkDoc'];
export type Told = Schemas['Told'];
export type Person = Schemas['Person'];
export type Place = Schemas['Place'];
export type Reply = Schemas['ReplyView'];
export type Review = Schemas['ReviewDocument'];
export type Finding = Schemas['FindingDoc'];
export type Question = Schemas['QuestionDoc'];
export type Answer = Schemas['AnswerDoc'];
export type Required = Schemas['RequiredDoc'];
export type Assertion = Schemas['Assertion'];
export type Rung = Schemas['RungDoc'];
export type SignedAnswer = Schemas['AnswerView'];
export type OutboxLine = Schemas['OutboxLine'];
export type Edit = Schemas['EditDoc'];
export type Corrections = Schemas['CorrectionsDocument'];
export type Way = Schemas['WayDoc'];
export type Piece = Schemas['PieceDoc'];
export type Instead = Schemas['InsteadDoc'];
export type Ingredient = Schemas['IngredientDoc'];
export type PhoneAnswered = Schemas['PhoneAnswered'];
export type PhoneAnswer = Schemas['PhoneAnswerDoc'];
export type PhoneAsk = Schemas['PhoneAskDoc'];
export type Library = Schemas['GuideLibrary'];
export type ProcessEntry = Schemas['ProcessEntry'];
export type RecipeEntry = Schemas['RecipeEntry'];
export type SourceEntry = Schemas['SourceEntry'];
export type JarEntry = Schemas['JarEntry'];
export type Scaled = Schemas['ScaledView'];
export type RowLine = Schemas['RowLine'];
export type RowView = Schemas['RowView'];
export type SumChoices = Schemas['SumChoices'];

/** What went wrong, in the server's plain words. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', csrfToken());
    }
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(csrf);

interface Answered<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The answer's data, or a Problem thrown. */
export async function ok<T>(answer: Promise<Answered<T>>): Promise<T> {
  let settled: Answered<T>;
  try {
    settled = await answer;
  } catch {
    throw new Problem(0, 'The server does not answer. Your words are still here; try again in a moment.');
  }
  const { data, error, response } = settled;
  if (response.ok) {
    return data as T;
  }
  const detail = (error as { detail?: string } | undefined)?.detail;
  throw new Problem(response.status, detail ?? `Something went wrong (${response.status}).`);
}
