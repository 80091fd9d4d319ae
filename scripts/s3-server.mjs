// A small store of the S3 kind in memory, for tests: PUT, GET, HEAD and ListObjectsV2 in one bucket, with signatures
// (AWS Signature Version 4, as published) checked.
import { createHash, createHmac } from 'node:crypto';
import http from 'node:http';

const hmac = (key, text) => createHmac('sha256', key).update(text).digest();
const hex = (text) => createHash('sha256').update(text).digest('hex');
const escaped = (text) =>
  encodeURIComponent(text).replace(/[!'()*]/g, (c) => `%${c.charCodeAt(0).toString(16)}`);

/** Whether a request was signed with this secret. */
function isSigned(request, secret) {
  const given = /^AWS4-HMAC-SHA256 Credential=([^,]+), SignedHeaders=([^,]+), Signature=([0-9a-f]+)$/.exec(
    request.headers.authorization ?? '',
  );
  if (!given) return false;
  const [, credential, signed, signature] = given;
  const [, day, region, service, end] = credential.split('/');
  const url = new URL(request.url, 'http://s3');
  const query = [...url.searchParams]
    .map(([k, v]) => `${escaped(k)}=${escaped(v)}`)
    .sort()
    .join('&');
  const headers = signed.split(';').map((name) => `${name}:${String(request.headers[name]).trim()}\n`);
  const canonical = [
    request.method,
    url.pathname,
    query,
    headers.join(''),
    signed,
    request.headers['x-amz-content-sha256'],
  ].join('\n');
  const text = [
    'AWS4-HMAC-SHA256',
    request.headers['x-amz-date'],
    `${day}/${region}/${service}/${end}`,
    hex(canonical),
  ];
  const key = [day, region, service, end].reduce((k, part) => hmac(k, part), `AWS4${secret}`);
  return hmac(key, text.join('\n')).toString('hex') === signature;
}

/**
 * @param options `bucket`, `secret`, and how many names a page of the list has
 * @returns its address, what it holds by key, how many requests came, a way to make it fail, and a way to stop it
 */
export async function startS3({ bucket = 'shop', secret = 'test-secret', page = 1000, port = 0 } = {}) {
  const contents = new Map();
  const counted = { put: 0, get: 0, head: 0, list: 0 };
  const state = { failing: false };
  const answer = (request, response, body) => {
    const xml = (status, text) => {
      response.writeHead(status, { 'content-type': 'application/xml' });
      response.end(request.method === 'HEAD' ? undefined : `<?xml version="1.0" encoding="UTF-8"?>${text}`);
    };
    const error = (status, code) =>
      xml(status, `<Error><Code>${code}</Code><Message>${code}</Message></Error>`);
    if (state.failing) return error(500, 'InternalError');
    if (!isSigned(request, secret)) return error(403, 'SignatureDoesNotMatch');
    const url = new URL(request.url, 'http://s3');
    const [, name, ...rest] = decodeURIComponent(url.pathname).split('/');
    if (name !== bucket) return error(404, 'NoSuchBucket');
    const key = rest.join('/');
    if (key === '' && request.method === 'GET') {
      counted.list++;
      const prefix = url.searchParams.get('prefix') ?? '';
      const after = url.searchParams.get('continuation-token') ?? '';
      const all = [...contents.keys()].sort().filter((k) => k.startsWith(prefix) && k > after);
      const some = all.slice(0, page);
      const more = all.length > some.length;
      return xml(
        200,
        `<ListBucketResult><IsTruncated>${more}</IsTruncated>${more ? `<NextContinuationToken>${some.at(-1)}</NextContinuationToken>` : ''}${some.map((k) => `<Contents><Key>${k}</Key><Size>${contents.get(k).length}</Size></Contents>`).join('')}</ListBucketResult>`,
      );
    }
    if (request.method === 'PUT') {
      counted.put++;
      contents.set(key, body);
      response.writeHead(200, { etag: `"${createHash('md5').update(body).digest('hex')}"` });
      return response.end();
    }
    const content = contents.get(key);
    counted[request.method === 'HEAD' ? 'head' : 'get']++;
    if (!content) return error(404, 'NoSuchKey');
    response.writeHead(200, { 'content-length': content.length });
    return response.end(request.method === 'HEAD' ? undefined : content);
  };
  const server = http.createServer((request, response) => {
    const parts = [];
    request.on('data', (part) => parts.push(part));
    request.on('end', () => answer(request, response, Buffer.concat(parts)));
  });
  await new Promise((done) => server.listen(port, '127.0.0.1', done));
  const stop = async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  };
  return { url: `http://127.0.0.1:${server.address().port}`, contents, counted, state, stop };
}
