import { answer, client, Problem, Unreachable } from '../../shared/api/client'
import { setWindowPerson } from '../../shared/api/person'
import type { ContentInput, ItemContent, ItemState, ItemView, Person } from '../../shared/api/types'
import { Store } from '../../shared/base/store'
import { type Backup, backup, dropBackup } from './backup'
import { type Fields, fieldsOf, isBlank, sayTheSame, sharing } from './fields'

/** Does something when nothing else is to be done, but no later than this; not every browser can tell. */
const whenIdle = (task: () => void, timeout: number): number =>
  'requestIdleCallback' in window ? requestIdleCallback(task, { timeout }) : setTimeout(task, 50)
const forget = (idle: number) => ('cancelIdleCallback' in window ? cancelIdleCallback(idle) : clearTimeout(idle))

/** Somebody saved another text while one wrote. */
export interface Conflict {
  theirs: ItemContent
  theirRevision: number
  changedBy: string
  /** Whether it was the same person, in another window. */
  own: boolean
  changedAt: string
}

/**
 * How what is on the screen stands to what is on the server. In the last four the server refuses it; it is kept in the
 * browser, one goes on writing, and nothing is decided until the person decides it.
 */
export type SaveStatus =
  | { is: 'saved' }
  | { is: 'unsaved' }
  | { is: 'unreachable' }
  | { is: 'refused'; why: string }
  | { is: 'signed-out' }
  | { is: 'other-person'; name: string }
  | { is: 'gone' }
  | { is: 'conflict'; conflict: Conflict }

export interface Snapshot {
  fields: Fields
  state: ItemState
  status: SaveStatus
  /** When the server last confirmed everything. */
  savedAt: Date
  /** Said once after an unsaved text was brought back. */
  broughtBack: boolean
}

/** Typing is sent after a pause this long, and after the longer time even without a pause. */
const PAUSE = 350
const LONGEST = 900
const RETRY = 2000

const held = new Set<SaveStatus['is']>(['signed-out', 'other-person', 'gone', 'conflict'])

/**
 * Keeps what is written. Every change is noted in the browser at once and sent to the server after a
 * short pause; nothing is forgotten until the server has confirmed it.
 */
export class Saver {
  private readonly store: Store<Snapshot>
  private dirty = false
  private sent: ContentInput[] = []
  /** Whether what was sent last still waits for its answer. */
  private awaited = false
  private firstDirty = 0
  private timer: ReturnType<typeof setTimeout> | undefined
  private noting = 0
  private running: Promise<unknown> | null = null
  /** The numbers of ready-made pieces that were put in since the server confirmed the text last. */
  private dropped: number[] = []
  /** What was taken out of the text by the server, and the text as it was kept. */
  onTaken: (taken: NonNullable<ItemState['taken']>) => void = () => {}

  /** The revision of the text before the one that was taken over last. */
  private begunFrom = 0
  /** A newer text was taken over, which somebody saved elsewhere while nothing was typed here. */
  onNewer: (item: ItemView) => void = () => {}
  /** Whether something is being typed that is not part of the text yet, as in the markup. */
  isTyping: () => boolean = () => false

  constructor(
    item: ItemView,
    private readonly body: () => string,
    /** Whose words these are. */
    private person: Person,
  ) {
    this.store = new Store<Snapshot>({
      fields: fieldsOf(item),
      state: item.state,
      status: { is: 'saved' },
      savedAt: new Date(item.state.changed.at),
      broughtBack: false,
    })
  }

  subscribe = (listener: () => void): (() => void) => this.store.subscribe(listener)

  snapshot = (): Snapshot => this.store.get()

  private get now(): Snapshot {
    return this.store.get()
  }

  private set(part: Partial<Snapshot>) {
    this.store.set({ ...this.now, ...part })
  }

  get key(): string {
    return this.now.state.key
  }

  /** Whose words these are. */
  get writer(): Person {
    return this.person
  }

  content(): ContentInput {
    return { ...this.now.fields, body: this.body(), ...(this.dropped.length && { dropped: this.dropped }) }
  }

  /** Changes fields beside the text. */
  change(part: Partial<Fields>) {
    this.set({ fields: { ...this.now.fields, ...part } })
    this.touch()
  }

  /** Notes that a ready-made piece is being put in: the text may hold it whatever else it offers. */
  noteDropped(piece: number) {
    this.dropped = [...this.dropped, piece]
  }

  /** Notes that something changed. */
  touch() {
    if (!this.dirty) this.firstDirty = Date.now()
    this.dirty = true
    if (this.now.status.is === 'saved') this.set({ status: { is: 'unsaved' } })
    // Between two keys, not in the way of one.
    this.noting ||= whenIdle(() => this.note(), 400)
    if (this.isHeld()) return
    const left = Math.max(0, LONGEST - (Date.now() - this.firstDirty))
    this.schedule(Math.min(PAUSE, left))
  }

  private isHeld(): boolean {
    return held.has(this.now.status.is)
  }

  /** Whether the server may not have what is written here: what is on its way can still be lost with the page. */
  private get unconfirmed(): boolean {
    return this.dirty || this.awaited
  }

  private note(content?: ContentInput) {
    forget(this.noting)
    this.noting = 0
    if (!this.unconfirmed) return
    backup(this.key, this.person, {
      revision: this.now.state.revision,
      content: content ?? this.content(),
      sent: this.sent,
    })
  }

  private schedule(wait: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => whenIdle(() => this.flush(), 200), wait)
  }

  /** Sends what has not been sent; true when the server has everything. */
  async flush(): Promise<boolean> {
    clearTimeout(this.timer)
    while (this.running) await this.running
    if (this.dirty && !this.isHeld()) await this.alone(() => this.send())
    return !this.dirty && this.now.status.is === 'saved'
  }

  /**
   * Does something that changes the item on the server, while nothing else does: what is typed meanwhile is sent
   * afterwards, and builds on what came of it.
   */
  async alone<T>(work: () => Promise<T>): Promise<T> {
    while (this.running) await this.running.catch(() => {})
    const working = work()
    this.running = working.catch(() => {})
    try {
      return await working
    } finally {
      this.running = null
      // What the server refuses it refuses again; the next change is sent, and so is what was unreachable, in its time.
      if (this.dirty && !this.isHeld() && !['unreachable', 'refused'].includes(this.now.status.is)) this.schedule(PAUSE)
    }
  }

  private async send() {
    const content = this.content()
    this.dirty = false
    this.sent = [...this.sent, content].slice(-3)
    this.awaited = true
    this.note(content)
    try {
      const state = await this.put(content)
      this.awaited = false
      this.sent = []
      this.dropped = this.dropped.filter((piece) => !content.dropped?.includes(piece))
      if (!this.dirty) dropBackup(this.key, this.person)
      this.set({
        state: sharing(this.now.state, state),
        status: { is: this.dirty ? 'unsaved' : 'saved' },
        savedAt: new Date(),
      })
      // What was written meanwhile goes first; it is held to the same, and told then.
      if (state.taken && !this.dirty) this.onTaken(state.taken)
    } catch (error) {
      this.awaited = false
      this.dirty = true
      this.note()
      await this.failed(error)
    }
  }

  private put(content: ContentInput, keepalive = false): Promise<ItemState> {
    return answer(
      client.PUT('/editor/api/items/{key}', {
        params: { path: { key: this.key } },
        body: { revision: this.now.state.revision, content },
        keepalive,
      }),
    )
  }

  /** What an answer that is no success means for what is written here; its sentence, for who wants to say it. */
  async failed(error: unknown): Promise<string> {
    const sentence = (error as Error).message
    if (error instanceof Problem && error.status === 401) this.set({ status: { is: 'signed-out' } })
    else if (error instanceof Problem && typeof error.details.signedInAs === 'string')
      this.set({ status: { is: 'other-person', name: error.details.signedInAs } })
    else if (error instanceof Problem && error.status === 404) this.set({ status: { is: 'gone' } })
    else if (error instanceof Problem && error.status === 409 && error.details.theirs)
      await this.meet(error.details as unknown as Conflict)
    else if (!this.dirty) return sentence
    else if (error instanceof Problem && error.status < 500) this.set({ status: { is: 'refused', why: sentence } })
    else {
      this.set({ status: { is: 'unreachable' } })
      this.schedule(error instanceof Unreachable ? RETRY : RETRY * 2)
    }
    return sentence
  }

  /**
   * Two texts. Where theirs is what this window sent itself, and left before it was confirmed, or says what is written
   * here, there is nothing to choose: writing goes on from there.
   */
  private async meet(conflict: Conflict) {
    const { theirs } = conflict
    if (!this.sent.some((own) => sayTheSame(own, theirs)) && !sayTheSame(this.content(), theirs)) {
      return this.set({ status: { is: 'conflict', conflict } })
    }
    const { state } = await answer(client.GET('/editor/api/items/{key}', { params: { path: { key: this.key } } }))
    this.set({ state, status: { is: 'unsaved' } })
    this.schedule(0)
  }

  /** Goes on after somebody signed in again; somebody else is asked first whether the words shall be theirs. */
  resume(person: Person) {
    if (person.id !== this.person.id) return this.set({ status: { is: 'other-person', name: person.name } })
    setWindowPerson(person)
    this.set({ status: { is: 'unsaved' } })
    this.flush()
  }

  /** Goes on under another name, after that person agreed. */
  hand(person: Person) {
    dropBackup(this.key, this.person)
    this.person = person
    this.dirty = true
    this.note()
    this.resume(person)
  }

  /** Whether something here is not on the server yet. */
  get isDirty(): boolean {
    return this.dirty
  }

  /** Takes over what the server says after it changed the item itself. */
  adopt(item: ItemView) {
    this.dirty = false
    this.awaited = false
    this.sent = []
    clearTimeout(this.timer)
    dropBackup(this.key, this.person)
    this.set({
      fields: fieldsOf(item),
      state: item.state,
      status: { is: 'saved' },
      savedAt: new Date(item.state.changed.at),
    })
  }

  /** Takes over how the item stands, with what is written here as it is. */
  adoptState(state: ItemState) {
    const { slug, slugByHand } = state.placement
    this.set({ state, fields: { ...this.now.fields, slug: slugByHand ? slug : undefined } })
  }

  /** Asks how the item stands, after something else has changed that it is judged by; what is written here stays. */
  async lookAgain() {
    const { revision } = this.now.state
    const params = { path: { key: this.key } }
    const item = await answer(client.GET('/editor/api/items/{key}', { params })).catch(() => null)
    // Whoever has written meanwhile hears of it with the next save.
    if (!item || item.state.revision !== revision || this.now.state.revision !== revision) return
    this.set({ state: sharing(this.now.state, item.state) })
  }

  /**
   * Hears which revision the item has. Where it is newer than what is here and nothing was typed, the newer text takes its
   * place; where something was, one hears of it with the next save, and both are kept.
   */
  async hear(revision: number) {
    if (!this.isBehind(revision)) return
    const params = { path: { key: this.key } }
    const item = await answer(client.GET('/editor/api/items/{key}', { params })).catch(() => null)
    if (!item || !this.isBehind(item.state.revision)) return
    const same = sayTheSame(this.content(), item.content)
    this.begunFrom = this.now.state.revision
    this.adopt(item)
    if (!same) this.onNewer(item)
  }

  /** What is being typed builds on the text before the one that was taken over last: both are kept, and the person chooses. */
  doubt() {
    this.set({ state: { ...this.now.state, revision: this.begunFrom } })
  }

  /** Whether a revision is newer than what is here, and what is here can give way. */
  private isBehind(revision: number): boolean {
    const { state, status } = this.now
    // What is on its way raises the revision too.
    const busy = this.running || this.unconfirmed || this.isTyping()
    return !busy && status.is === 'saved' && revision > state.revision
  }

  /** Goes on with a text that was left over. */
  bringBack(left: Backup) {
    const { body: _, ...fields } = left.content
    this.sent = left.sent ?? []
    this.set({
      // What was noted by an older page may lack a field.
      fields: { ...this.now.fields, ...fields },
      broughtBack: true,
      state: { ...this.now.state, revision: left.revision },
      status: { is: 'unsaved' },
    })
    this.touch()
  }

  /** Called when the page goes away: notes the rest, and sends it if it is short enough for that. */
  leave = () => {
    if (!this.unconfirmed) return
    this.note()
    const content = this.content()
    if (!this.isHeld() && content.body.length < 50_000) this.put(content, true).catch(() => {})
  }

  /** Called when one goes to another place: sends the rest, and lets the server take away an item left empty. */
  async close() {
    await this.flush()
    if (!isBlank(this.content()) || this.now.state.stage !== 'DRAFT' || this.isHeld()) return
    const params = { path: { key: this.key } }
    await answer(client.POST('/editor/api/items/{key}/leaving', { params })).catch(() => {})
  }
}
