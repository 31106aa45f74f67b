import qrcode from 'qrcode-generator'
import { entryAddress, houseAddresses, houseKeys, isHouseLocked } from '#app/storage/house.ts'

/** What is printed once at the start: where the app is, and the key of the house where others can reach it. */
export function announcement(address: string): string {
  if (!isHouseLocked()) return `Plicator is at ${address}`
  const [first = address] = houseAddresses()
  const { full, guest } = houseKeys()
  return [
    `Plicator is at ${address}`,
    '',
    'Others of your network come in with a key, for this run; devices that are in stay in.',
    `  all of it      ${entryAddress(first, 'full')}`,
    `  only to look   ${entryAddress(first, 'guest')}`,
    `  typed in       ${full} or ${guest} at ${first}/enter`,
    '',
    qrText(entryAddress(first, 'full')),
  ].join('\n')
}

/** A code for a tablet's camera, as a terminal can show it. */
function qrText(text: string): string {
  const code = qrcode(0, 'M')
  code.addData(text)
  code.make()
  return code.createASCII(1, 2)
}
