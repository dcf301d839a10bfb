/** What is set, as text, for somebody who may look but not change it. */
export function Facts({ rows }: { rows: [name: string, value: string][] }) {
  return (
    <dl className="grid gap-2">
      {rows.map(([name, value]) => (
        <div key={name}>
          <dt className="text-soft">{name}</dt>
          <dd className="whitespace-pre-line break-words">{value || 'Not set'}</dd>
        </div>
      ))}
    </dl>
  )
}
