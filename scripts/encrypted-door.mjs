// Takes what comes encrypted and hands it on to the server of this machine, which is told from whom it came.
//   node scripts/encrypted-door.mjs PORT SERVER-PORT CERTIFICATE KEY [HOST]      (both files in PEM)

import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { createServer } from 'node:https';

const [port, inner, certificate, key, host = '0.0.0.0'] = process.argv.slice(2);

/** Of one stretch of the way alone (RFC 9110, 7.6.1), or to be said by this door and nobody else. */
const NOT_PASSED_ON = ['connection', 'keep-alive', 'transfer-encoding', 'upgrade', 'forwarded', 'x-forwarded-for', 'x-forwarded-proto', 'x-forwarded-host', 'x-forwarded-port'];

const passable = (headers) => Object.fromEntries(Object.entries(headers).filter(([name]) => !NOT_PASSED_ON.includes(name)));

const handedOn = (asked, answer) => {
    const headers = { ...passable(asked.headers), 'x-forwarded-for': asked.socket.remoteAddress, 'x-forwarded-proto': 'https' };
    if (asked.headers['transfer-encoding'] !== undefined) headers['transfer-encoding'] = 'chunked';
    const inside = request({ host: '127.0.0.1', port: inner, method: asked.method, path: asked.url, headers }, (given) => {
        answer.writeHead(given.statusCode, passable(given.headers));
        given.pipe(answer);
    });
    inside.on('error', () => {
        if (!answer.headersSent) answer.writeHead(502);
        answer.end();
    });
    answer.on('close', () => inside.destroy());
    asked.pipe(inside);
};

try {
    createServer({ cert: readFileSync(certificate), key: readFileSync(key), minVersion: 'TLSv1.2' }, handedOn)
        .on('error', refused)
        .on('tlsClientError', () => {}) // somebody who does not speak it, or does not trust the certificate
        .listen(Number(port), host);
} catch (error) {
    refused(error);
}

function refused(error) {
    console.error(`The door does not open: ${error.message}`);
    process.exit(1);
}
