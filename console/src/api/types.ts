/** The shapes that the service answers with; see docs/http.md. */
export interface Project {
  name?: string
  group?: string
  title?: string
  summary?: string
  package?: string
  [key: string]: string | number | undefined
}

export interface Brief {
  brief?: number
  project: Project
  build?: string
  language?: string
  framework?: string
  packaging?: string
  starters?: string[]
  extras?: string[]
  settings?: Record<string, string | number>
  sample?: string
  layout?: string
  [key: string]: unknown
}

export interface Operation {
  op: 'add' | 'replace' | 'remove'
  path: string
  value?: unknown
}

export interface Remedy {
  title: string
  patch: Operation[]
}

export interface Finding {
  severity: 'blocker' | 'caution' | 'note'
  rule: string
  picks: string[]
  because: string
  evidence: { kind: string; source: string }[]
  remedies: Remedy[]
}

export interface FilledIn {
  pick: string
  value: string | number
  because: string
}

export interface Offer {
  kind: string
  id: string
  possible: boolean
  because: string | null
}

/** Every name that a project has. */
export interface Names {
  artifact: string
  title: string
  group: string
  package: string
  entryClass: string
  database: string
}

export interface Check {
  verdict: 'fits' | 'blocked'
  edition: string
  brief: Brief
  /** Only where the brief fits. */
  names?: Names
  filledIn: FilledIn[]
  findings: Finding[]
  offers: Offer[]
}

export interface Column {
  framework: string
  label: string
  line: string
  standing: string
}

export interface Price {
  starters: string[]
  lines: string[]
}

export interface Cell {
  framework: string
  line: string
  jvm: number
  state: 'possible' | 'caution' | 'impossible'
  picked: boolean
  because: string | null
  gain: Price
  lose: Price
}

export interface Lattice {
  columns: Column[]
  rows: { jvm: number; standing: string }[]
  cells: Cell[]
  /** The other face: what is picked, across the columns. */
  starters: { starter: string; possible: boolean[] }[]
}

export interface Trace {
  from: number
  to: number
  picks: string[]
  because: string
}

export interface OutlineFile {
  path: string
  size: number
  mode: string
  purpose: string
  role: 'yours' | 'rarely' | 'ours'
  content: string
  traces: Trace[]
}

export interface Outline {
  root: string
  files: OutlineFile[]
}

export interface Option {
  id: string
  label: string
  summary: string
  documentation: string
  planned: boolean
}

export interface Starter extends Option {
  category: string
  verb: string
  search: string[]
  needs: string[]
  brings: { when: string[]; artifacts: string[]; settings: string[]; services: string[]; files: string[] }[]
}

export interface Catalog {
  edition: string
  service: string
  builds: (Option & { versions: string[] })[]
  languages: (Option & { levels: { level: number; longTerm: boolean }[]; versions: string[] })[]
  frameworks: (Option & { lines: { line: string; standing: string; newest: string }[] })[]
  packagings: Option[]
  samples: Option[]
  layouts: Option[]
  categories: { id: string; label: string }[]
  starters: Starter[]
  extras: Option[]
}

export interface Difference {
  path: string
  change: 'added' | 'removed' | 'changed' | 'same'
  /** In unified form; empty where nothing differs. */
  diff: string
}
