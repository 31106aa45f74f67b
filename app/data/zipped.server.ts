import { zip, type Zippable } from 'fflate'

/** Files in one archive; the large ones are packed off the thread that serves. */
export const zipped = (files: Zippable): Promise<Uint8Array> =>
  new Promise((resolve, reject) => {
    zip(files, { level: 6 }, (error, bytes) => {
      if (error) reject(error)
      else resolve(bytes)
    })
  })
