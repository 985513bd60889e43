import { randomBytes } from "node:crypto";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { EntityManager, MikroORM } from "@mikro-orm/postgresql";
import { type Endpoint, endpoints } from "@proven-seat/contract";
import compression from "compression";
import express, { type Express, type Request, type RequestHandler, type Response } from "express";
import helmet from "helmet";
import type PgBoss from "pg-boss";
import type { Logger } from "pino";
import { pinoHttp } from "pino-http";
import type { Jobs } from "../jobs/jobs.ts";
import type { Pictures } from "../pictures/pictures.ts";
import type { Reader } from "../store/sql.ts";
import { answerProblems, methodNotAllowed, unknownAddress } from "./answer-problems.ts";
import { bodyLimits } from "./body.ts";
import { type Entry, entry } from "./entry.ts";
import { rateOf } from "./limits.ts";
import type { Live } from "./live.ts";
import { mounter, Unanswered } from "./mount.ts";
import type { RequestsInProgress } from "./requests-in-progress.ts";
import { mountRoutes } from "./routes/index.ts";

export interface AppParts {
  readonly orm: MikroORM;
  /** Plain SQL outside of any transaction. */
  readonly db: Reader;
  readonly jobs: Jobs;
  readonly pictures: Pictures;
  readonly queue: PgBoss;
  readonly live: Live;
  readonly inFlight: RequestsInProgress;
  readonly log: Logger;
  readonly entry: Entry;
  /** Requests of one address in ten seconds; 0 sets no limit. */
  readonly requestRate: number;
  /** Built interface; none in tests of the API. */
  readonly webFolder: string | null;
  /** The one local user, until accounts exist. */
  readonly user: string;
  /** Checks every answer against the contract before it is sent: for tests. */
  readonly checkAnswers?: boolean;
}

function serveInterface(app: Express, folder: string): void {
  const page = readFileSync(join(folder, "index.html"), "utf8");
  app.use("/assets", express.static(join(folder, "assets"), { immutable: true, maxAge: "1y" }));
  app.use(express.static(folder, { index: false }));
  app.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/api/") || !request.accepts("html")) return next();
    response
      .type("html")
      .set("Cache-Control", "no-cache")
      .send(page.replaceAll("__NONCE__", response.locals.nonce as string));
  });
}

const asJson = express.json({ limit: bodyLimits.bytes, strict: false });
const asSent = express.raw({ limit: bodyLimits.bytes, type: "application/json" });
const packed = "application/gzip";
const asFile = express.raw({ limit: bodyLimits.fileBytes, type: packed });
const bytes = "application/octet-stream";
const asBytes = express.raw({ limit: bodyLimits.bytes, type: bytes });
const sent = Object.values(endpoints as Record<string, Endpoint>)
  .filter(({ bodyAsSent }) => bodyAsSent)
  .map(({ path }) => new RegExp(`^${path.replace(/\{\w+\}/g, "[^/]+")}/?$`));

/** Most bodies are read at once; those marked in the contract are left to their handler. */
const readBody: RequestHandler = (request, response, next) => {
  const [path] = request.originalUrl.split("?") as [string];
  const asItIs = () => (request.is(packed) ? asFile : request.is(bytes) ? asBytes : asSent);
  const read = sent.some((pattern) => pattern.test(path)) ? asItIs() : asJson;
  read(request, response, next);
};

const own = ["'self'"];

/** Security headers; the sources a page may load are added to a policy that allows none. */
const securityHeaders = (directives: Record<string, (string | typeof nonceOf)[]>) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
        ...directives,
      },
    },
    // Served on loopback without TLS: forcing https would lock the browser out.
    strictTransportSecurity: false,
  });

/**
 * Headers of a middleware that looks at no request, computed once: a dozen middlewares in a row cost as much as a read.
 */
function constantHeaders(middleware: RequestHandler): RequestHandler {
  const headers: [string, string][] = [];
  const listening = {
    setHeader: (name: string, value: string) => headers.push([name, value]),
    removeHeader: () => {},
  };
  middleware({} as Request, listening as unknown as Response, () => {});
  return (_request, response, next) => {
    for (const [name, value] of headers) response.setHeader(name, value);
    next();
  };
}

const nonceOf = (_request: unknown, response: unknown) =>
  `'nonce-${(response as { locals: { nonce: string } }).locals.nonce}'`;

const pageHeaders = securityHeaders({
  scriptSrc: [...own, nonceOf],
  styleSrc: [...own, nonceOf],
  fontSrc: own,
  imgSrc: [...own, "data:", "blob:"],
  connectSrc: own,
  workerSrc: own,
  manifestSrc: own,
});

/** Each page gets its own nonce, so that no style or script slips in that the page did not bring. */
const forPages: RequestHandler = (request, response, next) => {
  response.locals.nonce = randomBytes(16).toString("base64");
  pageHeaders(request, response, next);
};

/** Builds the HTTP application. */
export function buildApp(parts: AppParts): Express {
  const {
    orm,
    db,
    jobs,
    pictures,
    queue,
    live,
    inFlight,
    log,
    webFolder,
    user,
    checkAnswers = false,
  } = parts;
  const app = express();
  app.disable("x-powered-by");
  app.use(inFlight.know);
  app.use(
    pinoHttp({
      logger: log,
      autoLogging: log.isLevelEnabled("info") && { ignore: (request) => request.url === "/api/health" },
      serializers: {
        // The path without the query, which may contain words of the project.
        req: ({ id, method, url }) => ({ id, method, url: String(url).split("?")[0] }),
        res: ({ statusCode }) => ({ statusCode }),
      },
    }),
  );
  app.use("/api", constantHeaders(securityHeaders({})));
  app.use(/^(?!\/api\/)/, forPages);
  app.use(entry(parts.entry));
  app.use("/api", rateOf(parts.requestRate));
  app.use(compression());
  app.use("/api", readBody);
  const router = express.Router();
  const em = (): EntityManager => orm.em.fork() as EntityManager;
  const caller = { name: user, roles: ["engineer"] } as const;
  const unanswered = new Unanswered();
  const mount = mounter(
    { router, em, db, jobs, pictures, queue, live, inFlight, caller, checkAnswers },
    unanswered,
  );
  mountRoutes(mount, orm);
  unanswered.expectNone();
  app.use(router);
  app.use("/api", methodNotAllowed, unknownAddress);
  if (webFolder && existsSync(join(webFolder, "index.html"))) serveInterface(app, webFolder);
  app.use(unknownAddress);
  app.use(answerProblems);
  return app;
}
