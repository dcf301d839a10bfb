import type { SiteReport } from '../shared/api/types'

const WIDTH = 600
const HEIGHT = 80

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

/** How the site stood at each report: a line to see, and the numbers for who wants them. */
export function Trend({ points }: { points: SiteReport['trend'] }) {
  if (points.length < 2) return null
  const most = Math.max(1, ...points.map((p) => p.findings))
  const x = (i: number) => (i / (points.length - 1)) * (WIDTH - 8) + 4
  const y = (n: number) => HEIGHT - 4 - (n / most) * (HEIGHT - 8)
  const line = (of: (p: (typeof points)[number]) => number) => points.map((p, i) => `${x(i)},${y(of(p))}`).join(' ')
  const first = points[0]
  const last = points[points.length - 1]
  return (
    <section aria-label="How it went">
      <h2 className="mb-2 font-semibold">How it went</h2>
      <p className="mb-2">
        {last.findings === first.findings
          ? `As many marks as at the first of ${points.length} reports: ${last.findings}.`
          : `${first.findings} marks at the first of ${points.length} reports, ${last.findings} now.`}
      </p>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-20 w-full border border-line bg-sheet" aria-hidden>
        <polyline points={line((p) => p.findings)} fill="none" stroke="var(--color-pencil)" strokeWidth="2" />
        <polyline
          points={line((p) => p.falling)}
          fill="none"
          stroke="var(--color-rust)"
          strokeWidth="2"
          strokeDasharray="6 4"
        />
      </svg>
      <p className="text-small text-soft">Marks as a whole line, items that fall short as a broken one.</p>
      <details>
        <summary className="cursor-pointer text-small">The numbers</summary>
        <table className="w-full text-left text-small">
          <thead>
            <tr>
              <th>Day</th>
              <th className="text-right">Live</th>
              <th className="text-right">Fall short</th>
              <th className="text-right">Marks</th>
            </tr>
          </thead>
          <tbody>
            {[...points].reverse().map((p) => (
              <tr key={p.at} className="border-line border-t">
                <td>{day.format(new Date(p.at))}</td>
                <td className="text-right">{p.items}</td>
                <td className="text-right">{p.falling}</td>
                <td className="text-right">{p.findings}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  )
}
