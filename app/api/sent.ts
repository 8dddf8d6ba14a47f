import type { Endpoint } from '../endpoint';
import type { Routes } from './routes';
import type { Wire } from '../wire';

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

type PatternOf<Path> = Path extends `${infer Start}[${string}]${infer Rest}`
  ? `${Start}${string}${PatternOf<Rest>}`
  : Path;
type IsSame<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;

type With<M extends Method, R = Routes> = R extends Readonly<Record<M, infer E>> ? E : never;
type At<M extends Method, P, E = With<M>> =
  E extends Endpoint<infer Path, infer Sent, infer Answer, infer More>
    ? IsSame<PatternOf<Path>, P> extends true
      ? { sent: Sent; answer: Wire<Answer>; more: Wire<More> }
      : never
    : never;

/** The addresses that answer to a method, with any text in place of what is in brackets. */
export type PathOf<M extends Method, E = With<M>> = E extends Endpoint<infer Path> ? PatternOf<Path> : never;

/** What an endpoint takes and answers, and what its refusals carry beside their sentence. */
export type SentTo<M extends Method, P> = At<M, P>['sent'];
export type AnswerOf<M extends Method, P> = At<M, P>['answer'];
export type MoreOf<M extends Method, P> = [At<M, P>['more']] extends [never] ? object : Partial<At<M, P>['more']>;
