import { crc32, deflateRawSync, deflateSync } from 'node:zlib'
import { strToU8, Zip, ZipPassThrough, type ZipInputFile } from 'fflate'

/** Picks one of several. */
export const pick = <One>(random: () => number, all: readonly One[]): One =>
  all[Math.floor(random() * all.length)] as One

/** What a script would leave behind if it ran. */
export const mark = 'plicatorWasHacked'
const run = `window.${mark}=1`

/** Texts that somebody types who means no good, or whose keyboard stuck. */
export const hostileTexts: readonly string[] = [
  `<script>${run}</script>`,
  `"><img src=x onerror="${run}">`,
  `'><svg/onload=${run}>`,
  `</title></textarea></script><script>${run}</script>`,
  `<iframe srcdoc="<script>parent.${mark}=1</script>">`,
  `javascript:${run}`,
  `JaVaScRiPt&colon;${run}`,
  `data:text/html,<script>${run}</script>`,
  `]]><script>${run}</script>`,
  '{{constructor.constructor("return 1")()}}',
  '${7*7}<%= 7*7 %>',
  `=HYPERLINK("http://evil.example";"press")`,
  '=1+1',
  '+cmd|calc',
  '-2+3',
  '@SUM(A1)',
  '\t=1',
  "'; drop table reading; --",
  '" or 1=1 --',
  '../../../../etc/passwd',
  '..\\..\\windows',
  '\u202egnp.exe',
  '\u200b\u200b\u200b',
  `a${'\u0301'.repeat(4000)}`,
  '\u0000',
  'a\u0000b',
  '\ud800',
  '\uffff\ufffe',
  '𝔘𝔫𝔦 👩‍👩‍👧‍👦 🏴‍☠️',
  'x'.repeat(20_000),
  'W'.repeat(300),
  ' '.repeat(500),
  '%00%0d%0aSet-Cookie: a=b',
  '\r\nSet-Cookie: a=b',
  '__proto__',
  'constructor',
  'NaN',
  '-0',
  '1e999',
  '9'.repeat(400),
  '0x7fffffff',
  '1,2,3;4',
  'null',
  'true',
  '[]',
  '{"a":1}',
]

/** Rows far wider than a table, deep nests, broken parts and things that unpack to far more than they weigh. */
export const hostileBodies: readonly { type: string; body: (random: () => number) => string | Uint8Array }[] = [
  { type: 'text/csv', body: () => `a,b\n${','.repeat(300_000)}` },
  { type: 'text/csv', body: () => ','.repeat(300_000) },
  { type: 'text/csv', body: () => `a,"${'b\n'.repeat(200_000)}` },
  { type: 'text/csv', body: () => 'a\n'.repeat(200_000) },
  { type: 'application/json', body: () => '['.repeat(100_000) },
  { type: 'application/json', body: () => `{"a":${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}}` },
  { type: 'application/x-www-form-urlencoded', body: () => 'a=b&'.repeat(50_000) },
  { type: 'application/x-www-form-urlencoded', body: () => `table=${encodeURIComponent('['.repeat(50_000))}` },
  { type: 'application/x-www-form-urlencoded', body: () => '%'.repeat(10_000) },
  {
    type: 'multipart/form-data; boundary=x',
    body: () => '--x\r\nContent-Disposition: form-data; name="a"\r\n\r\nno end',
  },
  { type: 'multipart/form-data; boundary=x', body: () => `--x\r\n${'A: b\r\n'.repeat(20_000)}\r\n\r\n--x--` },
  { type: 'multipart/form-data', body: () => 'there is no boundary' },
  {
    type: 'multipart/form-data; boundary=x',
    body: () => '--x\r\nContent-Disposition: form-data; name="__proto__"\r\n\r\n1\r\n--x--',
  },
  { type: 'application/octet-stream', body: (random) => noise(random, 60_000) },
  { type: 'image/png', body: () => pixelBomb() },
  { type: 'image/jpeg', body: (random) => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), noise(random, 5000)]) },
  { type: 'application/zip', body: () => zipBomb() },
  { type: 'application/zip', body: (random) => Buffer.concat([Buffer.from('PK\u0003\u0004'), noise(random, 5000)]) },
  { type: 'application/x-tar', body: (random) => noise(random, 30_000) },
  { type: 'text/plain', body: () => '' },
]

const noise = (random: () => number, size: number): Uint8Array =>
  Uint8Array.from({ length: size }, () => Math.floor(random() * 256))

let bomb: Uint8Array | undefined
let pixels: Uint8Array | undefined

/** A workbook's wrapping round half a gigabyte of nothing. */
function zipBomb(): Uint8Array {
  if (bomb) return bomb
  const pieces: Uint8Array[] = []
  const zip = new Zip((_, piece) => pieces.push(piece))
  const nothing = new Uint8Array(5e8)
  // Packed by the native library, which takes a tenth of the time.
  const workbook: ZipInputFile = {
    filename: 'xl/workbook.xml',
    compression: 8,
    size: nothing.length,
    crc: crc32(nothing),
  }
  zip.add(workbook)
  workbook.ondata?.(null, deflateRawSync(nothing), true)
  const types = new ZipPassThrough('[Content_Types].xml')
  zip.add(types)
  types.push(strToU8('<Types/>'), true)
  zip.end()
  return (bomb = Buffer.concat(pieces))
}

/** A picture of 50,000 by 50,000 that says so in its head and has next to nothing in it. */
function pixelBomb(): Uint8Array {
  if (pixels) return pixels
  const chunk = (type: string, data: Uint8Array): Buffer => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data])
    const [length, check] = [Buffer.alloc(4), Buffer.alloc(4)]
    length.writeUInt32BE(data.length)
    check.writeUInt32BE(crc32(body))
    return Buffer.concat([length, body, check])
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(50_000, 0)
  head.writeUInt32BE(50_000, 4)
  head.set([8, 2, 0, 0, 0], 8)
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
  pixels = Buffer.concat([
    signature,
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(1_000_000))),
    chunk('IEND', Buffer.alloc(0)),
  ])
  return pixels
}
