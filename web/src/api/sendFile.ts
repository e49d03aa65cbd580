import { Upload, type DetailedError } from 'tus-js-client'
import { refusedBy } from './client'

/** Waits between tries, up to about ten minutes in all: a restarted server is back long before. */
const TRY_AGAIN_MS = [300, 1000, 2000, 4000, 8000, ...Array<number>(20).fill(30_000)]

/**
 * Sends a file to its address by the tus protocol: asks how much is there and goes on from that
 * byte, as often as the connection is lost.
 */
export function sendFile(
  file: File,
  address: string,
  progress: (sent: number) => void,
): Promise<void> {
  return new Promise((done, failed) => {
    new Upload(file, {
      uploadUrl: address,
      retryDelays: TRY_AGAIN_MS,
      storeFingerprintForResuming: false,
      onProgress: progress,
      onSuccess: () => done(),
      onError: (error) => failed(asSentence(error)),
    }).start()
  })
}

function asSentence(error: Error | DetailedError): Error {
  const response = 'originalResponse' in error ? error.originalResponse : null
  if (!response) {
    return new Error('The connection was lost while this file was sent. What came of it is kept.')
  }
  let body: unknown
  try {
    body = JSON.parse(response.getBody())
  } catch {
    body = undefined
  }
  return refusedBy(body, response.getStatus())
}
