import { type RefObject, useEffect, useRef, useState } from 'react'
import { useOffered, useWriting } from '../../shared/api/queries'
import type { OwnField, Writing } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { isVoid, Sheet, SheetAlone } from '../../sheet'
import { useMergeFields } from '../screen/mergeFields'
import { usePieces } from '../screen/pieces'
import { useBench } from '../state/context'

interface Props {
  field: OwnField
  /** Its text, as the item has it now. */
  html: string
  /** Takes over what is written; undefined for nothing. */
  set: (html: string | undefined) => void
  onClose: () => void
}

/**
 * A sheet for the text of a field, with the tools of its toolset. What is written goes into the item as it is written, so
 * that leaving it, however that is done, loses nothing.
 */
export function FieldSheet({ field, onClose, ...rest }: Props) {
  const writing = useWriting().data
  const sheet = useRef<Sheet>(null)
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={field.label}
      about={field.help || undefined}
      keepsEscape={() => takesEscape(sheet.current)}
    >
      {writing && <Written field={field} writing={writing} at={sheet} {...rest} />}
      <DialogButtons>
        <Button look="main" onClick={onClose}>
          Back to the item
        </Button>
      </DialogButtons>
    </Dialog>
  )
}

/** Whether something is open over the sheet, which Escape closes first. */
function takesEscape(sheet: Sheet | null): boolean {
  const at = document.activeElement
  return (
    !!sheet?.hasSettings ||
    !!document.querySelector('[role="dialog"] [data-over], [role="menu"]') ||
    !!at?.closest('input, textarea, select')
  )
}

interface WrittenProps extends Omit<Props, 'onClose'> {
  writing: Writing
  /** Gets the sheet. */
  at: RefObject<Sheet | null>
}

function Written({ field, html, set, writing, at }: WrittenProps) {
  const { saver, sheet: body } = useBench()
  const offered = useOffered(body.itemKind, field.name).data
  const written = useRef(html)
  const [sheet] = useState(() => {
    const made = new Sheet(html, body.writingLanguage, writing, body.sources)
    made.itemKind = body.itemKind
    made.label = field.label
    return made
  })
  at.current = sheet
  sheet.hooks.edit = () => {
    const { doc } = sheet.state
    written.current = doc.children.every((block) => isVoid(block) || isBlank(block)) ? '' : sheet.html()
    set(written.current || undefined)
  }
  sheet.hooks.dropped = body.hooks.dropped
  useMergeFields(saver, sheet)
  usePieces(sheet)
  useEffect(() => {
    if (offered) sheet.offer(offered.toolset ?? null)
  }, [sheet, offered])
  // What the server keeps otherwise, and what somebody else decides meanwhile, is shown.
  useEffect(() => {
    if (html === written.current) return
    written.current = html
    sheet.replace(html)
  }, [sheet, html])
  useEffect(() => sheet.focus(), [sheet])
  return <SheetAlone sheet={sheet} height="h-[56vh]" not="That is for the text of the item." />
}

function isBlank(block: { type: { name: string }; content: { size: number } }): boolean {
  return block.type.name === 'paragraph' && block.content.size === 0
}
