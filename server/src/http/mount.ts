import type { EntityManager } from "@mikro-orm/postgresql";
import { type Endpoint, type EndpointName, endpoints } from "@proven-seat/contract";
import type { Request, Response, Router } from "express";
import type PgBoss from "pg-boss";
import type { z } from "zod";
import type { Jobs } from "../jobs/jobs.ts";
import type { Pictures } from "../pictures/pictures.ts";
import type { Page, PageAsked } from "../store/page.ts";
import type { Reader } from "../store/sql.ts";
import { notFound } from "../work/refusal.ts";
import { sanitiseBody } from "./body.ts";
import { authorise, type Caller } from "./gate.ts";
import type { Live } from "./live.ts";
import { pageAsked, sendPage } from "./paging.ts";
import { badInput } from "./problem.ts";
import type { RequestsInProgress } from "./requests-in-progress.ts";

/** Input of a handler: database, path parameters, validated body. */
export interface Call<Body> {
  /** A unit of work, created on first use. */
  readonly em: EntityManager;
  /** Plain SQL outside of any transaction. */
  readonly db: Reader;
  readonly parameters: Record<string, string>;
  readonly query: Record<string, unknown>;
  /** Which items of a list are asked for. */
  readonly page: PageAsked;
  /** Id of the endpoint's project; empty for data of the whole organisation. */
  readonly project: string;
  readonly body: Body;
  readonly user: string;
  readonly jobs: Jobs;
  readonly pictures: Pictures;
  /** Queue of provings. */
  readonly queue: PgBoss;
  readonly live: Live;
  /** Aborted when the client leaves. */
  readonly signal: AbortSignal;
  readonly request: Request;
  readonly response: Response;
}

type BodyOf<Name extends EndpointName> = (typeof endpoints)[Name] extends { bodyAsSent: true }
  ? Uint8Array
  : (typeof endpoints)[Name] extends { body: infer Body extends z.ZodType }
    ? z.infer<Body>
    : undefined;

/** Result of a handler: the contract's answer, a page of it, or nothing where it is not JSON. */
type AnswerOf<Name extends EndpointName> = (typeof endpoints)[Name] extends {
  paged: true;
  answer: z.ZodArray<infer Item extends z.ZodType>;
}
  ? Page<Unchanging<z.input<Item>>>
  : (typeof endpoints)[Name] extends { answer: infer Answer extends z.ZodType }
    ? Unchanging<z.input<Answer>>
    : unknown;

/** Handlers return read-only data. */
type Unchanging<T> = T extends readonly (infer Item)[]
  ? readonly Unchanging<Item>[]
  : T extends object
    ? { readonly [Key in keyof T]: Unchanging<T[Key]> }
    : T;

export type Mount = <Name extends EndpointName>(
  name: Name,
  handle: (call: Call<BodyOf<Name>>) => AnswerOf<Name> | Promise<AnswerOf<Name>>,
) => void;

/** A body that has not been read. */
const bytesOf = ({ body }: Request): Uint8Array => (Buffer.isBuffer(body) ? body : new Uint8Array());

export interface Mounting {
  readonly router: Router;
  readonly em: () => EntityManager;
  readonly db: Reader;
  readonly jobs: Jobs;
  readonly pictures: Pictures;
  readonly queue: PgBoss;
  readonly live: Live;
  readonly inFlight: RequestsInProgress;
  readonly caller: Caller;
  readonly checkAnswers: boolean;
}

/** Set off when the connection closes before the answer is out. */
function abortOnClose(response: Response): AbortSignal {
  const gone = new AbortController();
  // Closed during authorisation: no later event would report it.
  if (response.closed) gone.abort();
  response.once("close", () => {
    if (!response.writableFinished) gone.abort();
  });
  return gone.signal;
}

/** A part of an address that no stored record can have: characters the database cannot hold, or too long. */
const unheardOf = /[\p{Cc}\p{Cs}]|^.{201}/u;

function lazily<Value>(make: () => Value): () => Value {
  let made: Value | undefined;
  return () => {
    made ??= make();
    return made;
  };
}

/** Endpoints of the contract that nothing answers yet. */
export class Unanswered {
  readonly #names = new Set<string>(Object.keys(endpoints));
  answered(name: EndpointName): void {
    this.#names.delete(name);
  }
  /** @throws where an endpoint of the contract has no handler */
  expectNone(): void {
    if (this.#names.size > 0) throw new Error(`No handler is mounted for ${[...this.#names].join(", ")}.`);
  }
}

/** Mounts handlers on their endpoints: authorise, parse, one call, present. */
export function mounter(mounting: Mounting, unanswered: Unanswered): Mount {
  const { router, em, db, jobs, pictures, queue, live, inFlight, caller, checkAnswers } = mounting;
  return (name, handle) => {
    unanswered.answered(name);
    const endpoint = endpoints[name] as Endpoint;
    const path = endpoint.path.replace(/\{(\w+)\}/g, ":$1");
    const answered = async (request: Request, response: Response) => {
      const parameters = request.params as Record<string, string>;
      if (Object.values(parameters).some((part) => unheardOf.test(part))) throw notFound("record");
      // Created on first use: a read from memory needs neither.
      const mine = lazily(em);
      const wanted = lazily(() => abortOnClose(response));
      const project = await authorise(db, caller, endpoint, parameters.id);
      const page = pageAsked(endpoint.paged ? request.query : {});
      const parsed = endpoint.bodyAsSent ? undefined : endpoint.body?.safeParse(sanitiseBody(request.body));
      if (parsed && !parsed.success) throw badInput(parsed.error);
      const handled = await handle({
        get em() {
          return mine();
        },
        db,
        parameters,
        query: request.query,
        page,
        project: project ?? "",
        body: (endpoint.bodyAsSent ? bytesOf(request) : parsed?.data) as never,
        user: caller.name,
        jobs,
        pictures,
        queue,
        live,
        get signal() {
          return wanted();
        },
        request,
        response,
      });
      if (response.headersSent) return;
      const answer = endpoint.paged ? sendPage(request, response, page, handled as Page<unknown>) : handled;
      // In tests: checks every answer against the contract, as it looks after the wire.
      if (checkAnswers && endpoint.answer) endpoint.answer.parse(JSON.parse(JSON.stringify(answer)));
      if (endpoint.status === 204) response.status(204).end();
      // A handler may set another status, for example for an unhealthy server.
      else response.status(endpoint.status ?? response.statusCode).json(answer);
    };
    router[endpoint.method](path, (request: Request, response: Response) =>
      inFlight.during(() => answered(request, response)),
    );
  };
}
