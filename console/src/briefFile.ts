import type { Tags } from 'yaml'
import type { Brief } from './api/types'

/** No brief that a person wrote is larger; the service takes no more either. */
const LARGEST = 65_536

/** The brief as YAML, the form in which people keep it. */
export async function asYaml(brief: Brief): Promise<string> {
  const { stringify } = await import('yaml')
  return stringify(brief)
}

/**
 * Reads a brief file, YAML or JSON.
 *
 * @throws Error with a sentence for people when it is none
 */
export async function readBrief(file: File): Promise<Brief> {
  if (file.size > LARGEST) throw new Error(`${file.name} is too large for a brief.`)
  const text = await file.text()
  const { parse } = await import('yaml')
  let read: unknown
  try {
    // Numbers stay as they are written: a version 1.10 is not 1.1.
    const customTags = (tags: Tags) =>
      tags.filter((tag) => typeof tag === 'string' || !/:(int|float|bool)$/.test(tag.tag))
    read = parse(text, { maxAliasCount: 0, customTags })
  } catch (e) {
    const why = e instanceof Error ? e.message.split('\n')[0] : ''
    throw new Error(`${file.name} cannot be read as YAML or JSON: ${why}`)
  }
  const isMapping = (value: unknown) => typeof value === 'object' && value !== null && !Array.isArray(value)
  if (!isMapping(read) || !isMapping((read as Brief).project)) {
    throw new Error(`${file.name} is no brief; one begins with “project:” and a name below it.`)
  }
  const brief = read as Brief
  for (const list of [brief.starters, brief.extras]) {
    if (list !== undefined && !Array.isArray(list)) {
      throw new Error(`${file.name} is no brief: starters and extras are lists, such as [http-api].`)
    }
  }
  if (brief.variants && !(isMapping(brief.variants) && Object.values(brief.variants).every(isMapping))) {
    throw new Error(`${file.name} is no brief: each variant is a name with its differences below it.`)
  }
  return brief
}
