import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { createServer } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * A proxy as stands in front of the application on a real server: it speaks HTTPS, and says so to the application.
 *
 * @param {string} publicUrl where it listens, on this machine
 * @param {string} to the application
 * @returns {Promise<() => Promise<void>>} ends it
 */
export async function tlsProxy(publicUrl, to) {
    const folder = mkdtempSync(join(tmpdir(), 'wheatear-tls-'));
    const [key, cert] = [join(folder, 'key.pem'), join(folder, 'cert.pem')];
    const subject = ['-subj', '/CN=localhost', '-days', '2', '-nodes', '-newkey', 'rsa:2048'];
    execFileSync('openssl', ['req', '-x509', ...subject, '-keyout', key, '-out', cert], { stdio: 'ignore' });
    const server = createServer({ key: readFileSync(key), cert: readFileSync(cert) }, (incoming, answer) => {
        const forwarded = { 'x-forwarded-proto': 'https', 'x-forwarded-for': incoming.socket.remoteAddress ?? '' };
        const passedOn = request(
            new URL(incoming.url ?? '/', to),
            { method: incoming.method, headers: { ...incoming.headers, ...forwarded } },
            (answered) => {
                answer.writeHead(answered.statusCode ?? 502, answered.headers);
                answered.pipe(answer);
            },
        );
        passedOn.on('error', () => answer.writeHead(502).end());
        incoming.pipe(passedOn);
    });
    await new Promise((listening) => server.listen(Number(new URL(publicUrl).port), '127.0.0.1', () => listening(undefined)));
    rmSync(folder, { recursive: true });
    return () =>
        new Promise((closed) => {
            server.closeAllConnections();
            server.close(() => closed());
        });
}
