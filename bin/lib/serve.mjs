import { randomBytes } from 'node:crypto';
import { createServer } from 'node:http';
import next from 'next';
import { hostOf, isLoopback, settingFaults, settingOf } from './sources.mjs';

// The app's own front door: what no page or route should have to think of is settled here, before Next sees a request.
const faults = settingFaults();
if (faults.length > 0) {
  console.error(faults.join('\n'));
  process.exit(2);
}
const host = settingOf('HOST');
const port = Number(settingOf('PORT'));
const publicUrl = settingOf('PUBLIC_URL');
const proxies = Number(settingOf('TRUST_PROXY'));
const isSecure = publicUrl.startsWith('https:');
const methods = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE']);
const patienceMs = 5000;
let numbers = 0;
const pageFailures = (globalThis.mozlePageFailures ??= new Map());

// A log that cannot be written is no reason to stop answering.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);

const app = next({ dev: false, dir: process.cwd(), hostname: host, port });
await app.prepare();
const handle = app.getRequestHandler();

const server = createServer((request, response) => {
  const refusal = refusalOf(request);
  if (refusal) return void refuse(response, ...refusal);
  request.headers['mozle-address'] = addressOf(request);
  for (const [name, value] of fixed) response.setHeader(name, value);
  const nonce = randomBytes(16).toString('base64');
  const policy = policyOf(nonce);
  // Next reads the nonce from the request and puts it on its own scripts; the layout puts it on ours.
  request.headers['content-security-policy'] = policy;
  request.headers['mozle-nonce'] = nonce;
  const number = String((numbers += 1));
  request.headers['mozle-request'] = number;
  finishHead(response, number);
  response.setHeader('Content-Security-Policy', policy);
  handle(request, response).catch((error) => {
    console.error(JSON.stringify({ level: 50, app: 'mozle', msg: 'unexpected', err: String(error?.stack ?? error) }));
    if (response.headersSent) response.destroy();
    else refuse(response, 500, 'Something went wrong here.');
  });
});
// Longer than a tablet or proxy keeps an idle connection: closed just as the next request comes, it would be a reset.
server.keepAliveTimeout = 65_000;
// A sender that dawdles over its headers holds nothing up.
server.headersTimeout = 70_000;
server.requestTimeout = 120_000;
server.listen(port, host);

/**
 * Settles what Next leaves open once the head of an answer is written: an expected failure of a page has its own status
 * (`src/instrumentation.ts` notes it), and a route's own policy goes before the general one.
 */
function finishHead(response, number) {
  const write = response.writeHead;
  response.writeHead = (status, ...rest) => {
    // Next leaves out a header of a route that stands there already.
    const own = response.getHeader('Mozle-Policy');
    if (own !== undefined) {
      response.setHeader('Content-Security-Policy', own);
      response.removeHeader('Mozle-Policy');
    }
    return write.call(response, pageFailures.get(number) ?? status, ...rest);
  };
  response.once('close', () => pageFailures.delete(number));
}

/** Why a request is not let in at all; nothing when it may go on. */
function refusalOf({ method = '', url = '', headers, socket }) {
  if (!methods.has(method)) return [405, 'This method is not known here.'];
  if (!isOurs(headers.host ?? '', socket.remoteAddress ?? '')) return [421, 'This address is not answered here.'];
  try {
    decodeURIComponent(url.split('?')[0]);
  } catch {
    return [400, 'The address cannot be read.'];
  }
  return undefined;
}

/** Only the address under which people know the app is answered; from this machine itself, its own names too. */
function isOurs(asked, from) {
  const name = hostOf(`http://${asked}`);
  if (publicUrl !== '' && asked.toLowerCase() === new URL(publicUrl).host.toLowerCase()) return true;
  const isFromHere = isLoopback(from.replace(/^::ffff:/, ''));
  if (isFromHere && name !== '' && isLoopback(name)) return true;
  return publicUrl === '' && !isLoopback(host) && name !== '';
}

/** Who sends: the socket's address, or what the last trusted proxy says. */
function addressOf({ headers, socket }) {
  const told = String(headers['x-forwarded-for'] ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);
  return (proxies > 0 ? told.at(-proxies) : undefined) ?? socket.remoteAddress ?? 'unknown';
}

function policyOf(nonce) {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "worker-src 'self' blob:",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

const fixed = [
  ['X-Content-Type-Options', 'nosniff'],
  ['X-Frame-Options', 'DENY'],
  ['Referrer-Policy', 'same-origin'],
  ['Permissions-Policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=()'],
  ['Cross-Origin-Opener-Policy', 'same-origin'],
  ...(isSecure ? [['Strict-Transport-Security', 'max-age=31536000']] : []),
];

function refuse(response, status, message) {
  const body = JSON.stringify({ error: { code: 'badRequest', message } });
  response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store', Connection: 'close' });
  response.end(body);
}

for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), patienceMs).unref();
  });
