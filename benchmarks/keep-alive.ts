import { Agent, request } from 'node:http'

/** A client that keeps its connections, and costs little beside the server that it measures. */
export function keepAliveClient(url: string, connections: number) {
  const agent = new Agent({ keepAlive: true, maxSockets: connections })
  const { hostname, port } = new URL(url)
  /** Sends a request, and says how it was answered when all of the answer is there. */
  return (path: string, body?: string): Promise<number> =>
    new Promise((resolve, reject) => {
      const asking = request(
        {
          agent,
          hostname,
          port,
          path,
          method: body === undefined ? 'GET' : 'POST',
          headers: {
            ...(body !== undefined && {
              'Content-Type': 'application/x-www-form-urlencoded',
              'Content-Length': Buffer.byteLength(body),
              Origin: url,
            }),
          },
        },
        (answer) => {
          answer.resume()
          answer.on('end', () => resolve(answer.statusCode ?? 0))
          answer.on('error', reject)
        },
      )
      asking.on('error', reject)
      asking.end(body)
    })
}
