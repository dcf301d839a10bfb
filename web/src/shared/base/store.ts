import { useSyncExternalStore } from 'react'

/**
 * A value that outlives the parts of the screen that show it, and tells them when it becomes another.
 * Everything in the front end that is not the server's and not one component's own is kept in one of these.
 */
export class Store<T> {
  private readonly listeners = new Set<() => void>()

  constructor(private value: T) {}

  get = (): T => this.value

  set = (next: T) => {
    if (Object.is(next, this.value)) return
    this.value = next
    this.tell()
  }

  /** Calls everybody who listens; for a value that changes within itself. */
  tell = () => {
    for (const listener of [...this.listeners]) listener()
  }

  /** Listens until what it gives back is called. */
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => {
      this.listeners.delete(listener)
    }
  }
}

/** The value of a store, or something that follows from it; drawn again only when that becomes another. */
export function useStore<T>(store: Pick<Store<T>, 'get' | 'subscribe'>): T
export function useStore<T, R>(store: Pick<Store<T>, 'get' | 'subscribe'>, of: (value: T) => R): R
export function useStore<T, R>(store: Pick<Store<T>, 'get' | 'subscribe'>, of?: (value: T) => R): T | R {
  return useSyncExternalStore(store.subscribe, () => (of ? of(store.get()) : store.get()))
}
