import type { Column } from './api/types'

/** A column of the lattice, and its place among all of them. */
export interface Placed {
  column: Column
  at: number
}

/** The lines of one framework, side by side. */
export interface Group {
  framework: string
  label: string
  columns: Placed[]
}

/** The columns by framework, in their order; `only` names the one that is shown, if not all are. */
export function grouped(columns: readonly Column[], only = ''): Group[] {
  const groups: Group[] = []
  columns.forEach((column, at) => {
    if (only && column.framework !== only) return
    const last = groups.at(-1)
    if (last?.framework === column.framework) last.columns.push({ column, at })
    else groups.push({ framework: column.framework, label: column.label, columns: [{ column, at }] })
  })
  return groups
}

/** What stands over a column: its line, or the framework's name in two parts where it has none. */
export function headOf(column: Column): [string, string] {
  if (column.line) return [column.line, '']
  const [first, ...others] = column.label.split(' ')
  return [first ?? '', others.join(' ')]
}

export const nameOf = (column: Column) => (column.line ? `${column.label} ${column.line}` : column.label)

export const wordOf = (column: Column) =>
  column.line ? `${column.framework}@${column.line}` : column.framework

/** How wide one letter of a label is, in the units of the drawing. */
const LETTER = 5.6

/** A label as far as there is room for it. */
export function fitting(label: string, room: number): string {
  const most = Math.floor(room / LETTER)
  if (label.length <= most) return label
  return most < 4 ? '' : label.slice(0, most - 1).trimEnd() + '…'
}
