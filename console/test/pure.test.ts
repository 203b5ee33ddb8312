import { describe, expect, it } from 'vitest'
import { addressOf, briefOf, lookedAt, queryOf } from '../src/address'
import type { Brief, Catalog, Check, Column, OutlineFile } from '../src/api/types'
import { readBrief } from '../src/briefFile'
import { choicesOf } from '../src/choices'
import { oneBelowTheOther, rowsOf } from '../src/diffRows'
import { whereMostMeet } from '../src/outlined'
import { fitting, grouped, headOf, wordOf } from '../src/grid'
import { patched, withJoint, withOne, withoutOne, withPick } from '../src/nextBrief'
import { freeName, merged, renamed, variant, withMeant, withoutVariant, withVariant } from '../src/variants'

const BRIEF: Brief = {
  brief: 1,
  project: { name: 'tide-board', summary: 'Ebb & flow: 50 %' },
  framework: 'spring-boot@4.1',
  starters: ['http-api'],
}

describe('address', () => {
  it('holds a brief and gives it back', () => {
    const full: Brief = {
      ...BRIEF,
      settings: { port: 8085, format: 'yaml' },
      extras: ['container'],
      entity: {
        name: 'Berth',
        holds: { label: 'text..80 unique', length: 'decimal 0..500?', state: 'free|taken' },
      },
      variants: { small: { starters: ['http-api', 'h2'] } },
    }
    const address = addressOf(full, 'small')

    expect(briefOf(address)).toEqual(full)
    expect(lookedAt(address, full)).toBe('small')
    expect(lookedAt(address.replace('small', 'gone'), BRIEF)).toBe('')
    expect(queryOf(BRIEF)).toMatch(/^pick=name:tide-board&pick=summary:Ebb%20%26%20flow/)
  })

  it('takes nothing that is no text of a brief', () => {
    expect(briefOf('#')).toBeNull()
    expect(briefOf('#pick=name:a&pick=project:x&pick=__proto__:x&pick=starters:y&pick=:z')).toEqual({
      brief: 1,
      project: { name: 'a' },
    })
    expect(briefOf('#pick=name:a&pick=variants:{nonsense')?.variants).toBeUndefined()
  })
})

describe('steps', () => {
  it('leave the brief they begin with as it is', () => {
    const before = JSON.stringify(BRIEF)

    expect(withOne(BRIEF, 'starters', 'h2').starters).toEqual(['http-api', 'h2'])
    expect(withOne(BRIEF, 'starters', 'http-api').starters).toEqual(['http-api'])
    expect(withoutOne(BRIEF, 'starters', 'http-api').starters).toEqual([])
    expect(withPick(BRIEF, '/settings/port', '8085').settings).toEqual({ port: '8085' })
    expect(withPick(withPick(BRIEF, '/settings/port', '1'), '/settings/port', '')).not.toHaveProperty(
      'settings',
    )
    expect(withJoint(BRIEF, 'spring-boot@3.5', 17, 'java')).toMatchObject({
      framework: 'spring-boot@3.5',
      language: 'java@17',
    })
    expect(withJoint({ ...BRIEF, language: 'kotlin' }, 'x@1', 21, null)).toMatchObject({
      language: 'kotlin',
      jvm: 21,
    })
    expect(JSON.stringify(BRIEF)).toBe(before)
  })

  it('stay where they are when a way out belonged to another brief', () => {
    expect(patched(BRIEF, [{ op: 'remove', path: '/starters/0' }]).starters).toEqual([])
    expect(patched(BRIEF, [{ op: 'remove', path: '/extras/7' }])).toBe(BRIEF)
  })
})

describe('variants', () => {
  const whole = withVariant(BRIEF, 'small', { ...BRIEF, starters: ['h2'], packaging: 'war' })

  it('are differences from the brief', () => {
    expect(whole.variants).toEqual({ small: { starters: ['h2'], packaging: 'war' } })
    expect(variant(whole, 'small')).toEqual({ ...BRIEF, starters: ['h2'], packaging: 'war' })
    expect(variant(whole, '')).toEqual(BRIEF)
    const less = withVariant(whole, 'bare', { brief: 1, project: { name: 'tide-board' } })
    expect(less.variants?.bare).toEqual({ framework: null, starters: null, project: { summary: null } })
    expect(merged({ a: { b: 1, c: 2 } }, { a: { b: null } })).toEqual({ a: { c: 2 } })
  })

  it('can be named anew, meant and taken away', () => {
    expect(Object.keys(renamed(whole, 'small', 'tiny').variants ?? {})).toEqual(['tiny'])
    expect(withMeant(whole, 'small').variants?.small?.default).toBe('yes')
    expect(withMeant(withMeant(whole, 'small'), '').variants?.small).not.toHaveProperty('default')
    expect(withoutVariant(whole, 'small')).toEqual(BRIEF)
    expect(freeName(renamed(whole, 'small', 'variant-2'))).toBe('variant-3')
  })
})

describe('lattice', () => {
  const column = (framework: string, label: string, line: string | null) =>
    ({ framework, label, line, standing: 'in support' }) as Column
  const columns = [
    column('a', 'Anchor', '2.0'),
    column('a', 'Anchor', '1.0'),
    column('none', 'No framework', null),
  ]

  it('has the lines of one framework side by side, each with its place among all', () => {
    expect(grouped(columns).map((group) => [group.label, group.columns.map((each) => each.at)])).toEqual([
      ['Anchor', [0, 1]],
      ['No framework', [2]],
    ])
    expect(grouped(columns, 'none').flatMap((group) => group.columns.map((each) => each.at))).toEqual([2])
    expect(columns.map(wordOf)).toEqual(['a@2.0', 'a@1.0', 'none'])
    expect(columns.map(headOf)).toEqual([
      ['2.0', ''],
      ['1.0', ''],
      ['No', 'framework'],
    ])
  })

  it('shortens a name to the room there is, and leaves it out where that says nothing', () => {
    expect(fitting('Anchor', 60)).toBe('Anchor')
    expect(fitting('Anchor of the north', 60)).toBe('Anchor of…')
    expect(fitting('Anchor', 12)).toBe('')
  })
})

describe('an outline', () => {
  const file = (path: string, ...picks: string[]) =>
    ({ path, traces: picks.map((pick) => ({ picks: [pick] })) }) as OutlineFile

  it('is looked at first where most picks meet, running text aside', () => {
    const files = [
      file('README.md', '/a', '/b', '/c'),
      file('b', '/a'),
      file('c', '/a', '/b'),
      file('d', '/a', '/a'),
    ]
    expect(whereMostMeet(files)?.path).toBe('c')
    expect(whereMostMeet([])).toBeNull()
  })
})

describe('a file', () => {
  const file = (text: string, name = 'b.yaml') => new File([text], name)

  it('is read as it is written', async () => {
    expect(await readBrief(file('project: { name: a, version: 1.10 }'))).toEqual({
      project: { name: 'a', version: '1.10' },
    })
  })

  it.each([
    ['project: [', 'cannot be read'],
    ['name: a', 'is no brief'],
    ['project: { name: a }\nstarters: web', 'are lists'],
    ['project: { name: a }\nvariants: [x]', 'each variant'],
    ['x'.repeat(70_000), 'too large'],
  ])('%.30s is refused', async (text, why) => {
    await expect(readBrief(file(text))).rejects.toThrow(why)
  })
})

describe('rows', () => {
  it('pair what went with what came, and tell it line by line too', () => {
    const rows = rowsOf('--- a\n+++ b\n@@ -1,3 +1,3 @@\n   one\n-  two\n+  2\n   three\n')

    expect(rows.map((row) => [row?.left.text, row?.right.text])).toEqual([
      ['one', 'one'],
      ['two', '2'],
      ['three', 'three'],
    ])
    expect(oneBelowTheOther(rows).map((line) => [line?.side.text, line?.now])).toEqual([
      ['one', true],
      ['two', false],
      ['2', true],
      ['three', true],
    ])
  })
})

describe('choices', () => {
  it('are what the service offers, with its reasons', () => {
    const check = {
      offers: [
        { kind: 'format', id: 'yaml', possible: true, because: null },
        { kind: 'format', id: 'properties', possible: false, because: 'It reads YAML.' },
        { kind: 'packaging', id: 'war', possible: false, because: 'Nothing could start it.' },
      ],
    } as unknown as Check
    const catalog = {
      packagings: [{ id: 'war', label: 'War', summary: 'An archive.', planned: false }],
    } as Catalog

    expect(choicesOf('/settings/format', catalog, check).map((each) => [each.id, each.possible])).toEqual([
      ['yaml', true],
      ['properties', false],
    ])
    expect(choicesOf('/packaging', catalog, check)).toMatchObject([
      { id: 'war', label: 'War', hint: 'An archive.', because: 'Nothing could start it.' },
    ])
    expect(choicesOf('/settings/format', catalog, null)).toEqual([])
  })
})
