import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/bench.ts'
import { Alert } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'

const Viewfinder = styled.section`
  display: grid;
  gap: 6px;
  video {
    display: block;
    width: 100%;
    border-radius: 8px;
    background: #000;
  }
`

/** Pictures taken with the camera of this machine, one after the other, beside the reading. */
export function CameraShot({ onShot, onClose }: { onShot: (file: File) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null)
  const take = useRef<HTMLButtonElement>(null)
  const [trouble, setTrouble] = useState('')

  useEffect(() => {
    let stream: MediaStream | undefined
    let gone = false
    const stop = () => stream?.getTracks().forEach((track) => track.stop())
    const start = async () => {
      if (!navigator.mediaDevices) return setTrouble(texts.thisBrowserGivesNoCameraTo)
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 3840 } },
        })
        if (gone) stop()
        else if (video.current) video.current.srcObject = stream
      } catch {
        setTrouble(texts.noCameraCanBeUsedNone)
      }
    }
    void start()
    take.current?.focus()
    return () => {
      gone = true
      stop()
    }
  }, [])

  const shoot = () => {
    const picture = video.current
    if (!picture || picture.videoWidth === 0) return
    const { videoWidth: width, videoHeight: height } = picture
    const canvas = Object.assign(document.createElement('canvas'), { width, height })
    canvas.getContext('2d')?.drawImage(picture, 0, 0)
    canvas.toBlob(
      (blob) =>
        blob &&
        onShot(new File([blob], texts.cameraJpg(new Date().toISOString().slice(0, 19)), { type: 'image/jpeg' })),
      'image/jpeg',
      0.92,
    )
  }

  return (
    <Viewfinder
      aria-label={texts.camera}
      data-elsewhere
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return
        event.stopPropagation()
        onClose()
      }}
    >
      {trouble ? <Alert role="alert">{trouble}</Alert> : <video ref={video} autoPlay playsInline muted />}
      <Chips>
        {!trouble && (
          <Chip type="button" ref={take} onClick={shoot}>
            {texts.takeThePicture}
          </Chip>
        )}
        <Chip type="button" onClick={onClose}>
          {texts.closeTheCamera}
        </Chip>
      </Chips>
    </Viewfinder>
  )
}
