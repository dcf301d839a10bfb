import type { FieldType, OwnField } from '../../shared/api/types'
import { TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { FieldFrame, fieldBox, Input, Select } from '../../shared/ui/Field'
import { placeNames, settingHints, settingNames, settingsOf, typeNames, typesOfKinds } from './words'

interface Props {
  field: OwnField
  set: (next: OwnField) => void
  move: (by: number) => void
  takeOff: () => void
  first: boolean
  last: boolean
}

/** What a field is. */
export function FieldForm({ field, set, move, takeOff, first, last }: Props) {
  const called = field.label || 'the new field'
  const settings = settingsOf[field.type] ?? []
  const part = (change: Partial<OwnField>) => set({ ...field, ...change })
  return (
    <li className="grid gap-3 border-line border-l-2 pl-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <Input
          label="What it is called"
          value={field.label}
          maxLength={100}
          onChange={(e) => part({ label: e.target.value })}
        />
        <Select
          label="What stands in it"
          hint={field.name && 'What was entered stays when this changes, and is there again when it is changed back.'}
          value={field.type}
          onChange={(e) => part({ type: e.target.value as FieldType })}
        >
          {typesOfKinds.map((type) => (
            <option key={type} value={type}>
              {typeNames[type]}
            </option>
          ))}
        </Select>
        <Input
          label="Help for whoever fills it in"
          value={field.help}
          maxLength={500}
          onChange={(e) => part({ help: e.target.value })}
        />
        <Select
          label="Where readers see it"
          value={field.place}
          onChange={(e) => part({ place: e.target.value as OwnField['place'] })}
        >
          {Object.entries(placeNames).map(([place, name]) => (
            <option key={place} value={place}>
              {name}
            </option>
          ))}
        </Select>
        {settings.map((setting) =>
          setting === 'choices' ? (
            <FieldFrame key={setting} label="What can be chosen" hint="A line each.">
              {({ id, describedBy }) => (
                <textarea
                  id={id}
                  aria-describedby={describedBy}
                  rows={4}
                  value={(field.choices ?? []).join('\n')}
                  onChange={(e) => part({ choices: e.target.value.split('\n') })}
                  className={cx(fieldBox, 'resize-y py-1.5')}
                />
              )}
            </FieldFrame>
          ) : (
            <Input
              key={setting}
              label={settingNames[setting]}
              hint={settingHints[field.type]?.[setting]}
              value={field[setting] ?? ''}
              maxLength={40}
              onChange={(e) => part({ [setting]: e.target.value })}
            />
          ),
        )}
      </div>
      <div className="flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={field.required} onChange={(e) => part({ required: e.target.checked })} />
          An item without it cannot go live
        </label>
        {!first && (
          <TextButton aria-label={`Move ${called} up`} onClick={() => move(-1)}>
            Up
          </TextButton>
        )}
        {!last && (
          <TextButton aria-label={`Move ${called} down`} onClick={() => move(1)}>
            Down
          </TextButton>
        )}
        <TextButton aria-label={`Take ${called} off`} onClick={takeOff}>
          Take off
        </TextButton>
      </div>
    </li>
  )
}
