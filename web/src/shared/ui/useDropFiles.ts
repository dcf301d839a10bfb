import { type DragEvent, useState } from 'react'

/**
 * Lets files be dropped on a part of the screen.
 *
 * @returns whether files hang over it, and what the part listens to
 */
export function useDropFiles(take: (files: File[]) => void) {
  const [over, setOver] = useState(false)
  const isFiles = (e: DragEvent) => e.dataTransfer.types.includes('Files')
  return {
    over,
    listens: {
      onDragOver: (e: DragEvent) => {
        if (!isFiles(e)) return
        e.preventDefault()
        setOver(true)
      },
      onDragLeave: (e: DragEvent) => {
        if (!e.currentTarget.contains(e.relatedTarget as Node | null)) setOver(false)
      },
      onDrop: (e: DragEvent) => {
        if (!isFiles(e)) return
        e.preventDefault()
        setOver(false)
        take([...e.dataTransfer.files])
      },
    },
  }
}
