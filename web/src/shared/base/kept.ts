/** Reads what this browser keeps under a name; `otherwise` where nothing is kept, or what is kept cannot be read. */
export function readKept<T>(name: string, otherwise: T): T {
  try {
    const kept = localStorage.getItem(name)
    return kept === null ? otherwise : JSON.parse(kept)
  } catch {
    return otherwise
  }
}

/** Keeps something in this browser; false where its store is full or closed. */
export function keep(name: string, value: unknown): boolean {
  try {
    localStorage.setItem(name, JSON.stringify(value))
    return true
  } catch {
    return false
  }
}
