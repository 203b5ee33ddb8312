import type { paths } from './contract'
import type { Brief, Catalog, Check, Difference, Download, Lattice, Outline } from './types'

/** What a call answers with when all is well, as the service describes it. */
type Answer<Path extends keyof paths, Method extends 'get' | 'post'> = paths[Path] extends {
  [method in Method]: { responses: { 200: { content: { 'application/json': infer Told } } } }
}
  ? Told
  : never

/** The service does not answer, or answers with a fault of its own. */
export class ServiceLost extends Error {}

/** The service cannot read what it was sent. */
export class Unreadable extends Error {}

async function ask(path: string, init?: RequestInit): Promise<Response> {
  let response: Response
  try {
    response = await fetch('/api/v1' + path, init)
  } catch {
    throw new ServiceLost('The service does not answer.')
  }
  if (response.ok || response.status === 422) return response
  const problem = await response.json().catch(() => null)
  if (response.status === 400 && problem) throw new Unreadable(problem.detail)
  throw new ServiceLost(`The service answers with a fault (HTTP ${response.status}).`)
}

const read = async <Path extends keyof paths, Method extends 'get' | 'post'>(response: Response) =>
  (await response.json()) as Answer<Path, Method>

function sent(document: unknown): RequestInit {
  return {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(document),
  }
}

export async function fetchCatalog(): Promise<Catalog> {
  return read<'/catalog', 'get'>(await ask('/catalog'))
}

/** What of the command line can be taken to another machine. */
export async function fetchDownloads(): Promise<Download[]> {
  return (await read<'/downloads', 'get'>(await ask('/downloads'))).downloads
}

/** Ids that a question finds in a list of the catalog, best first. */
export async function search(kind: 'starters' | 'extras', question: string): Promise<string[]> {
  const answer = await ask(`/catalog/${kind}?q=${encodeURIComponent(question)}`)
  const found = await read<'/catalog/{kind}', 'get'>(answer)
  return (found[kind] ?? []).map((each) => each.id)
}

export async function fetchCheck(brief: Brief): Promise<Check> {
  const answer = await read<'/checks', 'post'>(await ask('/checks', sent(brief)))
  return answer as Check
}

export async function fetchLattice(brief: Brief): Promise<Lattice> {
  return read<'/lattice', 'post'>(await ask('/lattice', sent(brief)))
}

/** The outline of a brief, or nothing when it is blocked. */
export async function fetchOutline(brief: Brief): Promise<Outline | null> {
  const response = await ask('/outlines', sent(brief))
  return response.status === 422 ? null : read<'/outlines', 'post'>(response)
}

/** What differs between the projects of two briefs, or nothing when one of them is blocked. */
export async function fetchComparison(left: Brief, right: Brief): Promise<Difference[] | null> {
  const response = await ask('/comparisons', sent({ left, right }))
  return response.status === 422 ? null : (await read<'/comparisons', 'post'>(response)).files
}

/** The archive of a brief; the verdict was seen before, so a blocked one is a fault here. */
export async function fetchArchive(brief: Brief, format: string): Promise<Blob> {
  const response = await ask('/archives?format=' + encodeURIComponent(format), sent(brief))
  if (response.status === 422) throw new Unreadable((await response.json()).detail)
  return response.blob()
}
