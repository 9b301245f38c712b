import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { LoggerService, LogLevel } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { static as serveStatic, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { AppModule } from './app.module.ts';
import { boundedBody } from './common/bounded-body.ts';
import { envelopePipe } from './common/envelope.ts';
import { ErrorFilter } from './common/error-filter.ts';
import { localOnly } from './common/local-only.ts';
import { version } from './version.ts';

export interface AppOptions {
  databaseFile: string;
  /** Folder of the built web application; without it only the API answers. */
  webRoot?: string;
  logger?: LoggerService | LogLevel[] | false;
}

const BODY_LIMIT = '1mb';
/** Files are read as they come; a table of twenty thousand rows fits. */
const FILE_LIMIT = '8mb';
const FILE_TYPES = ['text/*', 'image/svg+xml', 'image/vnd.dxf', 'application/dxf', 'application/octet-stream'];

/** The whole server, ready to listen. */
export async function createApp({ databaseFile, webRoot, logger }: AppOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(databaseFile), {
    bodyParser: false,
    ...(logger !== undefined && { logger }),
  });
  app.disable('x-powered-by');
  app.use(localOnly);
  app.use(helmet(securityHeaders));
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.useBodyParser('raw', { limit: FILE_LIMIT, type: FILE_TYPES });
  app.use(boundedBody);
  app.setGlobalPrefix('api');
  app.useGlobalPipes(envelopePipe());
  app.useGlobalFilters(new ErrorFilter());
  describeApi(app);
  if (webRoot && existsSync(webRoot)) servePages(app, webRoot);
  app.enableShutdownHooks();
  return app;
}

const securityHeaders: Parameters<typeof helmet>[0] = {
  strictTransportSecurity: false,
  contentSecurityPolicy: {
    directives: {
      'default-src': ["'self'"],
      'script-src': ["'self'"],
      // toasts and menus place themselves with style elements
      'style-src': ["'self'", "'unsafe-inline'"],
      'img-src': ["'self'", 'data:', 'blob:'],
      'worker-src': ["'self'", 'blob:'],
      'frame-ancestors': ["'none'"],
      'upgrade-insecure-requests': null,
    },
  },
};

function describeApi(app: NestExpressApplication): void {
  const about = new DocumentBuilder().setTitle('Zindle').setVersion(version).build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, about), {
    jsonDocumentUrl: 'api/docs.json',
  });
}

/** The built application: hashed files may be kept for good, a missing one is a 404, any other page is the app. */
function servePages(app: NestExpressApplication, webRoot: string): void {
  app.use('/assets', serveStatic(join(webRoot, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(serveStatic(webRoot, { index: false }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path === '/api' || request.path.startsWith('/api/')) return next();
    response.sendFile(join(webRoot, 'index.html'), { headers: { 'Cache-Control': 'no-cache' } });
  });
}
