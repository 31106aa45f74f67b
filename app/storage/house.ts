import { randomBytes } from 'node:crypto'
import { chmodSync, existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { networkInterfaces } from 'node:os'
import { join } from 'node:path'
import { z } from 'zod'
import { dataFolder } from './data-folder.ts'
import { isSameWord, readToken, signToken } from './house-token.ts'

/** A guest may look, and changes nothing. */
export type HouseRole = 'full' | 'guest'

/** A device that was let in. */
export interface HouseDevice {
  id: string
  name: string
  role: HouseRole
  /** Moments, ISO 8601. */
  since: string
  seen: string
}

const deviceSchema = z.object({
  id: z.string(),
  name: z.string(),
  role: z.enum(['full', 'guest']),
  since: z.string(),
  seen: z.string(),
})

/** What is kept of the house, in a file of its own that no backup holds. */
const houseSchema = z.object({ secret: z.string().length(64), devices: z.array(deviceSchema) })
type House = z.output<typeof houseSchema>

const days = 180
const lifetime = days * 86_400_000
/** Devices that were let in; the one that was seen longest ago goes first. */
const mostDevices = 50
/** How exactly it is kept when a device was seen, ms. */
const seenEvery = 60_000

const file = (): string => join(dataFolder(), 'house.json')
const loopback = /^(localhost|127(\.\d{1,3}){3}|::1|\[::1\])$/i

/** Whether others than this machine can reach the app, or PLICATOR_KEY asks for the key all the same. */
export const isHouseLocked = (): boolean => isKeyForced() || !loopback.test(process.env.HOST ?? '127.0.0.1')

/** Behind a proxy on this machine everybody seems to be this machine. */
export const isKeyForced = (): boolean => process.env.PLICATOR_KEY === 'always'

/** Letters and figures that nobody mistakes for each other. */
const alphabet = 'abcdefghjkmnpqrstuvwxyz23456789'

const newKey = (): string =>
  Array.from({ length: 4 }, () => [...randomBytes(4)].map((byte) => alphabet[byte % alphabet.length]).join('')).join(
    '-',
  )

/** Of this run: they are printed at the start and shown to those who are in, and kept nowhere. */
const keys: Record<HouseRole, string> = { full: newKey(), guest: newKey() }

export const houseKeys = (): Readonly<Record<HouseRole, string>> => keys

let known: House | undefined

function house(): House {
  known ??= readHouse() ?? keep({ secret: randomBytes(32).toString('hex'), devices: [] })
  return known
}

/** What is kept; undefined where there is nothing yet, or nothing that can be read: then everybody is out. */
function readHouse(): House | undefined {
  try {
    return houseSchema.parse(JSON.parse(readFileSync(file(), 'utf8')))
  } catch {
    return undefined
  }
}

function keep(next: House): House {
  known = next
  const part = `${file()}.part`
  writeFileSync(part, JSON.stringify(next), { mode: 0o600 })
  chmodSync(part, 0o600)
  renameSync(part, file())
  return next
}

/** Whose key this is; undefined when it is none. */
export function roleOfKey(key: string): HouseRole | undefined {
  const typed = key.trim().toLowerCase()
  const [isFull, isGuest] = [isSameWord(typed, keys.full), isSameWord(typed, keys.guest)]
  if (isFull) return 'full'
  return isGuest ? 'guest' : undefined
}

/** Lets a device in, and gives the token by which it is known. */
export function letIn(name: string, role: HouseRole): { token: string; seconds: number } {
  const { secret, devices } = house()
  const at = new Date()
  const device = {
    id: randomBytes(9).toString('base64url'),
    name,
    role,
    since: at.toISOString(),
    seen: at.toISOString(),
  }
  const kept = [...devices].sort((a, b) => b.seen.localeCompare(a.seen)).slice(0, mostDevices - 1)
  keep({ secret, devices: [...kept, device] })
  return { token: signToken({ device: device.id, expires: at.getTime() + lifetime }, secret), seconds: lifetime / 1000 }
}

/** The device of a token, while it has not been sent away. */
export function deviceOfToken(token: string | undefined): HouseDevice | undefined {
  if (token === undefined) return undefined
  const { secret, devices } = house()
  const said = readToken(token, secret, Date.now())
  const device = devices.find(({ id }) => id === said?.device)
  if (device) noteSeen(device)
  return device
}

function noteSeen(device: HouseDevice): void {
  if (Date.now() - Date.parse(device.seen) < seenEvery) return
  const { secret, devices } = house()
  const seen = new Date().toISOString()
  keep({ secret, devices: devices.map((one) => (one.id === device.id ? { ...one, seen } : one)) })
}

/** Devices that are let in, the latest seen first. */
export const listDevices = (): HouseDevice[] =>
  existsSync(file()) ? [...house().devices].sort((a, b) => b.seen.localeCompare(a.seen)) : []

/** Sends a device away: its token opens nothing any more. */
export function sendAway(id: string): void {
  const { secret, devices } = house()
  keep({ secret, devices: devices.filter((one) => one.id !== id) })
}

/** Where other machines of the network find the app. */
export function houseAddresses(): string[] {
  const scheme = process.env.TLS_CERT ? 'https' : 'http'
  const port = process.env.PORT ?? '4310'
  const host = process.env.HOST ?? '127.0.0.1'
  const everywhere = ['0.0.0.0', '::'].includes(host)
  const own = everywhere
    ? Object.values(networkInterfaces()).flatMap((all) =>
        (all ?? []).flatMap(({ family, internal, address }) => (family === 'IPv4' && !internal ? [address] : [])),
      )
    : [host]
  const named = (process.env.PLICATOR_HOSTS ?? '').split(',').map((name) => name.trim())
  return [...new Set([...named, ...own])].filter(Boolean).map((name) => `${scheme}://${name}:${port}`)
}

/** The address that lets a device in; the key stands behind the hash, which no server and no log gets to see. */
export const entryAddress = (address: string, role: HouseRole): string => `${address}/enter#${keys[role]}`
