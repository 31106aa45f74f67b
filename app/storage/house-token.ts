import { createHmac, timingSafeEqual } from 'node:crypto'

/** Who was let in, until when. */
export interface HouseToken {
  device: string
  /** Moment, milliseconds. */
  expires: number
}

const signatureOf = (content: string, secret: string): Buffer => createHmac('sha256', secret).update(content).digest()

/** A token that nobody else can make: who was let in, until when, and the signature of both. */
export function signToken({ device, expires }: HouseToken, secret: string): string {
  const content = `${device}.${expires}`
  return `${content}.${signatureOf(content, secret).toString('base64url')}`
}

/** What a token says, when it is ours and has not run out; checked in a time that tells nothing. */
export function readToken(token: string, secret: string, at: number): HouseToken | undefined {
  const [device = '', expires = '', signature = ''] = token.split('.')
  const [given, own] = [Buffer.from(signature, 'base64url'), signatureOf(`${device}.${expires}`, secret)]
  if (given.length !== own.length || !timingSafeEqual(given, own)) return undefined
  return Number(expires) > at ? { device, expires: Number(expires) } : undefined
}

/** Whether two words are the same, in a time that tells nothing of either. */
export function isSameWord(given: string, own: string): boolean {
  const [a, b] = [signatureOf(given, 'word'), signatureOf(own, 'word')]
  return timingSafeEqual(a, b)
}
