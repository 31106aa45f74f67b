import { useEffect, useRef, useState } from 'react'
import type { Device } from './device.ts'
import { listenTo, type LiveDevice } from './live.ts'

/** The devices that are connected to the bench, one of a kind. */
export function useDevices() {
  const [live, setLive] = useState<Partial<Record<Device['kind'], LiveDevice | undefined>>>({})
  const [trouble, setTrouble] = useState('')
  const latest = useRef(live)
  useEffect(() => {
    latest.current = live
  }, [live])
  useEffect(() => () => Object.values(latest.current).forEach((one) => one?.stop()), [])

  const disconnect = (kind: Device['kind'], why = '') => {
    latest.current[kind]?.stop()
    setTrouble(why)
    setLive((now) => ({ ...now, [kind]: undefined }))
  }
  const connect = (device: Device) => {
    latest.current[device.kind]?.stop()
    setTrouble('')
    const one = listenTo(device, (why) => disconnect(device.kind, why))
    setLive((now) => ({ ...now, [device.kind]: one }))
  }
  return { live, connect, disconnect, trouble, setTrouble }
}

export type Devices = ReturnType<typeof useDevices>
