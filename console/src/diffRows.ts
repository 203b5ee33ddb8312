import { parsePatch } from 'diff'

/** One side of a row; no number where the other side has a line and this one has none. */
export interface Side {
  number: number | null
  text: string
  changed: boolean
}

/** A row of two texts side by side, or the gap between two stretches. */
export type Row = { left: Side; right: Side } | null

const EMPTY: Side = { number: null, text: '', changed: false }

/** What all lines of a stretch are set in by, which side by side would only cost room. */
function setIn(lines: string[]): number {
  const told = lines.map((line) => line.slice(1)).filter((text) => text.trim())
  return Math.min(...told.map((text) => text.length - text.trimStart().length), 200)
}

/** Two texts side by side, from their difference in unified form. */
export function rowsOf(diff: string): Row[] {
  const rows: Row[] = []
  for (const hunk of parsePatch(diff)[0]?.hunks ?? []) {
    if (rows.length) rows.push(null)
    let [left, right] = [hunk.oldStart, hunk.newStart]
    const indent = setIn(hunk.lines)
    let removed: Side[] = []
    let added: Side[] = []
    const pair = () => {
      for (let i = 0; i < Math.max(removed.length, added.length); i++)
        rows.push({ left: removed[i] ?? EMPTY, right: added[i] ?? EMPTY })
      removed = []
      added = []
    }
    for (const line of hunk.lines) {
      const text = line.slice(1 + indent)
      if (line.startsWith('-')) removed.push({ number: left++, text, changed: true })
      else if (line.startsWith('+')) added.push({ number: right++, text, changed: true })
      else if (!line.startsWith('\\')) {
        pair()
        rows.push({
          left: { number: left++, text, changed: false },
          right: { number: right++, text, changed: false },
        })
      }
    }
    pair()
  }
  return rows
}

/** A line of two texts one below the other, of the text before or of the one of now; or a gap. */
export type Line = { side: Side; now: boolean } | null

/** Rows as lines: of a stretch that changed, first all that is gone, then all that is new. */
export function oneBelowTheOther(rows: Row[]): Line[] {
  const lines: Line[] = []
  let added: Line[] = []
  const flush = () => {
    lines.push(...added)
    added = []
  }
  for (const row of rows) {
    if (!row || (!row.left.changed && !row.right.changed)) flush()
    if (!row) lines.push(null)
    else if (!row.left.changed && !row.right.changed) lines.push({ side: row.right, now: true })
    else {
      if (row.left.changed) lines.push({ side: row.left, now: false })
      if (row.right.changed) added.push({ side: row.right, now: true })
    }
  }
  flush()
  return lines
}
