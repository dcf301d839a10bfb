import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../../shared/api/client'
import type { ToolsetPlace } from '../../shared/api/types'
import { AddButton } from '../../shared/ui/AddButton'
import { TextButton } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Field'

interface Props {
  uses: ToolsetPlace[]
  set: (uses: ToolsetPlace[]) => void
}

/** Where a toolset holds, in words. */
export function useWhere(): (use: ToolsetPlace) => string {
  const kinds = useKindStandings()
  return ({ kind, field, role }) => {
    const found = kinds.find((k) => k.name === kind)
    const whose = role ? `, for ${role === 'WRITER' ? 'writers' : 'editors'}` : ''
    if (!kind) return `All texts${whose}`
    const of = found?.plural ?? kind
    const label = found?.cards.flatMap((c) => c.fields).find((f) => f.name === field)?.label ?? field
    return `${of}${field ? `, ${field === 'body' ? 'the text' : `“${label}”`}` : ''}${whose}`
  }
}

function useKindStandings() {
  const kinds = useQuery({ queryKey: ['kinds'], queryFn: () => answer(client.GET('/editor/api/kinds')) })
  return (kinds.data ?? []).map((k) => k.kind)
}

/** Where a toolset holds: for which kinds, which of their texts, and whom. The nearest of several holds. */
export function Uses({ uses, set }: Props) {
  const kinds = useKindStandings()
  const change = (i: number, part: Partial<ToolsetPlace>) => set(uses.map((u, n) => (n === i ? { ...u, ...part } : u)))
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Where it holds</legend>
      <p className="text-soft">
        Of several the nearest holds: that of a field before that of its kind, that of a kind before that of all texts,
        and in each one for a role before one for everybody.
      </p>
      {!uses.length && <p>Nowhere yet: nobody is offered it.</p>}
      {uses.map((use, i) => {
        const texts = kinds
          .filter((k) => k.name === use.kind)
          .flatMap((k) => k.cards.flatMap((c) => c.fields.filter((f) => f.type === 'RICH_TEXT')))
        return (
          <div key={i} className="flex flex-wrap items-end gap-3">
            <Select
              label={`Kind ${i + 1}`}
              value={use.kind}
              onChange={(e) => change(i, { kind: e.target.value, field: '' })}
            >
              <option value="">All kinds</option>
              {kinds.map((k) => (
                <option key={k.name} value={k.name}>
                  {k.label}
                </option>
              ))}
            </Select>
            <Select
              label={`Text ${i + 1}`}
              value={use.field}
              disabled={!use.kind}
              onChange={(e) => change(i, { field: e.target.value })}
            >
              <option value="">All its texts</option>
              <option value="body">The text itself</option>
              <option value="side.parts">The side column</option>
              {texts.map((f) => (
                <option key={f.name} value={f.name}>
                  {f.label}
                </option>
              ))}
            </Select>
            <Select
              label={`For whom ${i + 1}`}
              value={use.role ?? ''}
              onChange={(e) => change(i, { role: (e.target.value || undefined) as ToolsetPlace['role'] })}
            >
              <option value="">Everybody</option>
              <option value="WRITER">Writers</option>
              <option value="EDITOR">Editors</option>
            </Select>
            <TextButton aria-label={`Take place ${i + 1} away`} onClick={() => set(uses.filter((_, n) => n !== i))}>
              Take away
            </TextButton>
          </div>
        )
      })}
      <div>
        <AddButton onClick={() => set([...uses, { kind: kinds[0]?.name ?? '', field: '' }])}>Add a place</AddButton>
      </div>
    </fieldset>
  )
}
