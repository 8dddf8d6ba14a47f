import type { Server } from 'node:http';
/** A socket on which nothing moves for so long is cut, in ms: longer than an event stream or a kept connection is ever silent. */
const SILENT_MS = 90_000;

/** How long a connection that is to be closed after its answer may take to be read to its end, in ms. */
const LAST_BYTES_MS = 5_000;

/**
 * Cuts sockets whose other end does not read. What waits for them goes with them: a reset leaves nothing in the kernel, where an orderly end would keep it until the
 * other end reads.
 */
export function cutSilentSockets(server: Server) {
  server.setTimeout(SILENT_MS, (socket) => socket.resetAndDestroy());
  server.on('request', (_request, response) => {
    response.once('finish', () => {
      if (!response.shouldKeepAlive)
        setTimeout(() => response.req.socket.destroyed || response.req.socket.resetAndDestroy(), LAST_BYTES_MS).unref();
    });
  });
}
