import type { z } from 'zod';
import type { DeepReadonly } from '@/server/api/endpoint';
import type { API } from '@/server/api/endpoints';

/** The endpoints of the programming interface by what is asked: "PUT /plans/{id}". Types only: nothing of them is shipped. */
type Table = typeof API;
type Routes = {
  readonly [K in keyof Table as `${Table[K]['method']} ${Table[K]['path']}`]: Table[K];
};
export type RouteName = keyof Routes;

type NamesIn<P extends string> = P extends `${string}{${infer N}}${infer Rest}`
  ? N | NamesIn<Rest>
  : never;

/** What a route answers with. */
export type AnswerOf<R extends RouteName> = Routes[R]['answers'] extends z.ZodType
  ? z.output<Routes[R]['answers']>
  : never;
export type BodyOf<R extends RouteName> = Routes[R]['body'] extends z.ZodType
  ? DeepReadonly<z.input<Routes[R]['body']>>
  : undefined;
type QueryOf<R extends RouteName> = Routes[R] extends {
  readonly query: readonly (infer Q extends string)[];
}
  ? Q
  : never;

type WhenAny<Names extends string, T> = [Names] extends [never] ? unknown : T;

/** What a route is asked with: the names in its path, what may stand behind the question mark, and its body. */
export type AskOf<R extends RouteName> = WhenAny<
  NamesIn<R>,
  { readonly params: Readonly<Record<NamesIn<R>, string | number>> }
> &
  WhenAny<
    QueryOf<R>,
    { readonly query?: Readonly<Partial<Record<QueryOf<R>, string | number | null>>> }
  > &
  (Routes[R] extends { readonly body: null } ? unknown : { readonly body: BodyOf<R> }) & {
    /** The version that was begun with. */
    readonly version?: number;
  };

/** Routes that answer with JSON. */
export type JsonRoute = {
  [R in RouteName]: Routes[R]['answers'] extends z.ZodType ? R : never;
}[RouteName];

/** The same, whatever the route. */
export interface Asked {
  readonly params?: Readonly<Record<string, string | number>>;
  readonly query?: Readonly<Partial<Record<string, string | number | null>>>;
  readonly body?: unknown;
  readonly version?: number;
}

/** The method and the address of a route under /api/v1, its names filled in. */
export function addressOf(route: string, { params = {}, query = {} }: Asked): [string, string] {
  const [method, template] = route.split(' ') as [string, string];
  const path = template.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(String(params[name])),
  );
  const asked = new URLSearchParams();
  for (const [name, value] of Object.entries(query))
    if (value !== null && value !== undefined && value !== '') asked.set(name, String(value));
  return [method, asked.size > 0 ? `${path}?${asked}` : path];
}
