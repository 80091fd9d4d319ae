// The server process: the built application behind `front.mjs`, over HTTP, or over TLS where there is a certificate.
import { readFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import next from 'next';
import { inFront, isLoopbackAddress, ownNames } from './front.mjs';

const host = process.env.VANTLE_HOST || '127.0.0.1';
const port = Number(process.env.PORT || 3000);
const cert = process.env.VANTLE_TLS_CERT;
const key = process.env.VANTLE_TLS_KEY;
const names = ownNames({ host, names: process.env.VANTLE_NAMES });

const app = next({ dev: false, hostname: isLoopbackAddress(host) ? host : 'localhost', port });
await app.prepare();
const handler = inFront(app.getRequestHandler(), {
  names,
  secure: Boolean(cert),
  proxy: process.env.VANTLE_PROXY ?? '',
});
const server = cert
  ? https.createServer({ cert: readFileSync(cert), key: readFileSync(key), minVersion: 'TLSv1.2' }, handler)
  : http.createServer(handler);
// A slow sender holds one connection, not the server.
server.headersTimeout = 20_000;
server.requestTimeout = 30 * 60_000;
// Longer than proxies and clients hold a connection: closed at five seconds, it met the next request on its way.
server.keepAliveTimeout = 75_000;
server.listen(port, host, () => process.send?.('listening'));

let ending = false;
const end = () => {
  if (ending) return;
  ending = true;
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 3000).unref();
};
process.on('SIGTERM', end);
process.on('SIGINT', end);
