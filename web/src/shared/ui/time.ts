import { useEffect, useState } from 'react'
import { readOwn } from '../store/own'

/** The language somebody reads days in. */
const dateLanguage = () => readOwn('date-language', 'en-GB')

/** A day and the minute of it, of a moment as the server writes it. */
export function moment(at: string): string {
  return new Date(at).toLocaleString(dateLanguage(), {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
}

/** A day that was picked, given as `2026-11-27`. */
export function writtenDay(day: string): string {
  const then = new Date(`${day}T12:00:00`)
  return Number.isNaN(then.getTime())
    ? day
    : then.toLocaleDateString(dateLanguage(), { day: 'numeric', month: 'long', year: 'numeric' })
}

/** How long ago something was, as people say it. */
export function ago(then: Date, now: Date): string {
  const seconds = Math.max(0, Math.round((now.getTime() - then.getTime()) / 1000))
  if (seconds < 60) return `${seconds} s ago`
  if (seconds < 3600) return `${Math.floor(seconds / 60)} min ago`
  const days = Math.round((startOfDay(now) - startOfDay(then)) / 86_400_000)
  if (days === 0) return `${Math.floor(seconds / 3600)} h ago`
  if (days === 1) return 'yesterday'
  if (days < 7) return `${days} days ago`
  return then.toLocaleDateString(dateLanguage(), { day: 'numeric', month: 'short', year: 'numeric' })
}

function startOfDay(date: Date): number {
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime()
}

/** The time, told again every so many milliseconds. */
export function useNow(every: number): Date {
  const [now, setNow] = useState(() => new Date())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), every)
    return () => clearInterval(timer)
  }, [every])
  return now
}
