import { useEffect, useRef, useState } from 'react'
import { Modal, Dialog, Heading, ModalOverlay } from 'react-aria-components'
import { styled } from 'styled-components'
import { Alert } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  display: grid;
  place-items: center;
  background: rgb(0 0 0 / 55%);
`

const Sheet = styled(Modal)`
  padding: 16px;
  border-radius: var(--radius);
  background: var(--card);
  video {
    display: block;
    width: min(80vw, 900px);
    max-height: 66vh;
    margin: 10px 0;
    border-radius: 8px;
    background: #000;
  }
`

/** A picture taken with the camera of this machine. */
export function CameraShot({ onShot, onClose }: { onShot: (file: File) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null)
  const [trouble, setTrouble] = useState('')

  useEffect(() => {
    let stream: MediaStream | undefined
    let gone = false
    const stop = () => stream?.getTracks().forEach((track) => track.stop())
    const start = async () => {
      if (!navigator.mediaDevices) return setTrouble('This browser gives no camera to this page.')
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 3840 } },
        })
        if (gone) stop()
        else if (video.current) video.current.srcObject = stream
      } catch {
        setTrouble('No camera can be used: none is there, or the browser was told not to.')
      }
    }
    void start()
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
        blob && onShot(new File([blob], `camera ${new Date().toISOString().slice(0, 19)}.jpg`, { type: 'image/jpeg' })),
      'image/jpeg',
      0.92,
    )
    onClose()
  }

  return (
    <Overlay isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Sheet>
        <Dialog aria-label="Camera" data-elsewhere>
          <Heading slot="title">Camera</Heading>
          {trouble ? <Alert role="alert">{trouble}</Alert> : <video ref={video} autoPlay playsInline muted />}
          <Chips>
            <Chip type="button" onClick={shoot} disabled={trouble !== ''}>
              Take the picture
            </Chip>
            <Chip type="button" onClick={onClose}>
              Close
            </Chip>
          </Chips>
        </Dialog>
      </Sheet>
    </Overlay>
  )
}
