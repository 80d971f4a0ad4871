import { createServer, request, type Server } from 'node:http';
import { connect, type AddressInfo, type Socket } from 'node:net';

/** A server before the app's own, at an address of its own: it can be cut off, and can say that a newer version is there. */
export interface Forwarder {
  readonly url: string;
  /** Nothing answers any more, as without a network. */
  readonly cut: () => Promise<void>;
  /** From now on the service worker is another one. */
  readonly renew: () => void;
}

export async function forwarder(to: string): Promise<Forwarder> {
  const target = new URL(to);
  const sockets = new Set<Socket>();
  let isNewer = false;
  const server: Server = createServer((asked, answer) => {
    const { host: _, 'accept-encoding': __, ...headers } = asked.headers;
    // What is renewed is not "unchanged", whatever the app itself would say.
    delete headers['if-none-match'];
    delete headers['if-modified-since'];
    const onward = request(
      { host: target.hostname, port: target.port, path: asked.url, method: asked.method, headers },
      (answered) => {
        const parts: Buffer[] = [];
        answered.on('data', (part: Buffer) => parts.push(part));
        answered.on('end', () => {
          const whole = Buffer.concat(parts);
          const { 'content-length': ___, 'transfer-encoding': ____, ...given } = answered.headers;
          answer.writeHead(answered.statusCode ?? 502, given);
          answer.end(
            isNewer && asked.url === '/sw.js'
              ? whole.toString().replace(/(["']?id["']?:\s*["'])/, '$1newer-')
              : whole,
          );
        });
      },
    );
    onward.on('error', () => answer.destroy());
    asked.pipe(onward);
  });
  server.on('connection', (socket: Socket) => {
    sockets.add(socket);
    socket.on('close', () => sockets.delete(socket));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  return {
    url: `http://127.0.0.1:${port}`,
    cut: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        sockets.forEach((socket) => socket.destroy());
      }),
    renew: () => void (isNewer = true),
  };
}

/** Is nothing listening there? */
export const isDeaf = (url: string): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = connect(Number(new URL(url).port), '127.0.0.1');
    socket.on('connect', () => {
      socket.destroy();
      resolve(false);
    });
    socket.on('error', () => resolve(true));
  });
