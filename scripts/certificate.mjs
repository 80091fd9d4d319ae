// The shop's own certificate: made once, for the names and addresses of this machine, signed by an authority of its
// own, which a tablet is told to trust.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { generate } from 'selfsigned';

const YEARS = 5;
const until = () => new Date(Date.now() + YEARS * 365 * 86_400_000);

/**
 * The certificate and key of this shop's server, made if they are missing or do not stand for all its names.
 *
 * @param folder where they are kept; the keys are readable by their owner alone
 * @param names as of `ownNames` in front.mjs
 * @returns paths of `cert` (with the authority behind it), `key`, and `authority`, which tablets have to trust
 */
export async function ownCertificate(folder, names) {
  const at = (name) => path.join(folder, name);
  const files = { cert: at('server.pem'), key: at('server.key'), authority: at('authority.pem') };
  const wanted = [...names].sort().join(' ');
  if (
    existsSync(files.cert) &&
    existsSync(files.key) &&
    existsSync(at('names')) &&
    readFileSync(at('names'), 'utf8') === wanted
  )
    return files;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const secret = { mode: 0o600 };
  let authority =
    existsSync(files.authority) && existsSync(at('authority.key'))
      ? { cert: readFileSync(files.authority, 'utf8'), key: readFileSync(at('authority.key'), 'utf8') }
      : undefined;
  if (!authority) {
    const made = await generate([{ name: 'commonName', value: 'Vantle authority of this shop' }], {
      keyType: 'ec',
      curve: 'P-256',
      algorithm: 'sha256',
      notAfterDate: until(),
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    });
    authority = { cert: made.cert, key: made.private };
    writeFileSync(files.authority, made.cert);
    writeFileSync(at('authority.key'), made.private, secret);
  }
  const altNames = [...names].map((name) => {
    const address = name.replace(/^\[|\]$/g, '');
    return /^[\d.]+$|:/.test(address) ? { type: 7, ip: address } : { type: 2, value: name };
  });
  const made = await generate([{ name: 'commonName', value: 'Vantle' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notAfterDate: until(),
    ca: authority,
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  writeFileSync(files.cert, `${made.cert}\n${authority.cert}`);
  writeFileSync(files.key, made.private, secret);
  writeFileSync(at('names'), wanted);
  return files;
}
