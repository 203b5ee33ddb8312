import type * as Told from './contract'

/** The shapes that the service answers with; `contract` is made from its own description of them. */
export type {
  Catalog,
  Cell,
  Column,
  Difference,
  Finding,
  Lattice,
  Operation,
  Option,
  Outline,
  OutlineFile,
  Remedy,
  Starter,
  Trace,
} from './contract'

type Texts = { [key: string]: string | number | undefined }

/** Differences from a brief, under names. */
export type Variants = Record<string, Record<string, unknown>>

/** A brief as this page keeps it: there always is a project, and lists hold ids. */
export type Brief = Omit<Told.Brief, 'project' | 'starters' | 'extras' | 'settings' | 'variants'> & {
  project: NonNullable<Told.Brief['project']> & Texts
  starters?: string[]
  extras?: string[]
  settings?: Record<string, string | number>
  variants?: Variants
  [key: string]: unknown
}

export type Check = Omit<Told.Check, 'brief'> & { brief: Brief }
export type Download = Told.Downloads['downloads'][number]
export type Names = NonNullable<Told.Check['names']>
export type Price = Told.Cell['gain']
