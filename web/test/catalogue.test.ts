import { IntlMessageFormat } from 'intl-messageformat'
import { describe, expect, it } from 'vitest'
import english from '../../messages/en.json'

const catalogue = english as Record<string, string>

const sources = import.meta.glob<string>(['../src/**/*.{vue,ts}', '!../src/api/generated.ts'], {
  query: '?raw',
  import: 'default',
  eager: true,
})
const code = Object.entries(sources).map(([path, text]) => ({ path, text }))

/** What stands between the tags of a template, without what is bound in it. */
const bare = (text: string) => {
  const template = /<template>([\s\S]*)<\/template>/.exec(text)?.[1] ?? ''
  return template
    .replace(/<!--[\s\S]*?-->/g, '')
    .replace(/\{\{[\s\S]*?\}\}/g, '')
    .replace(/<kbd>[^<]*<\/kbd>/g, '')
    .replace(/=("[^"]*"|'[^']*')/g, '')
    .replace(/<[^>]*>/g, '\n')
}

/** The texts in a bound value. */
const quoted = (value: string) =>
  [...value.matchAll(/'([^']*)'|`([^`]*)`/g)].map((m) => (m[1] ?? m[2]!).replace(/\$\{[^}]*\}/g, ''))

/** A call from its first letter to its last bracket. */
function called(text: string, from: number) {
  let depth = 0
  for (let i = text.indexOf('(', from); i < text.length; i++) {
    if (text[i] === '(') depth++
    if (text[i] === ')' && --depth === 0) return text.slice(from, i + 1)
  }
  return text.slice(from)
}

/** A stretch of plain text, among the parts of a pattern. */
const LITERAL = 0

type Part = ReturnType<IntlMessageFormat['getAst']>[number]

const inside = (parts: Part[]): string[] =>
  parts.flatMap((part) => [
    ...('children' in part ? inside(part.children) : []),
    ...('value' in part && part.type !== LITERAL && !('children' in part) ? [String(part.value)] : []),
    ...('options' in part ? Object.values(part.options).flatMap((option) => inside(option.value)) : []),
  ])

/** The names of what stands in a sentence. */
const wants = (key: string) => [
  ...new Set(inside(new IntlMessageFormat(catalogue[key] ?? '', 'en').getAst())),
]

describe('the catalogue', () => {
  it('has a sentence for every key that is named', () => {
    const missing = code.flatMap(({ path, text }) =>
      [...text.matchAll(/\bt\(\s*'([^']+)'/g)]
        .filter(([, key]) => !(key! in catalogue))
        .map(([, key]) => `${path}: ${key}`),
    )
    expect(missing).toEqual([])
  })

  it('has none for the interface that nobody says', () => {
    const all = code.map((c) => c.text).join('\n')
    const idle = Object.keys(catalogue).filter(
      (key) => /^(ui|label)\./.test(key) && !all.includes(`'${key}'`),
    )
    expect(idle).toEqual([])
  })

  it('gives every sentence the values it wants', () => {
    const wanting = code.flatMap(({ path, text }) =>
      [...text.matchAll(/\bt\(\s*'([^']+)'/g)].flatMap((named) => {
        const key = named[1]!
        const given = called(text, named.index)
        return wants(key)
          .filter((name) => !new RegExp(`[{,]\\s*${name}\\s*[:,}]`).test(given))
          .map((name) => `${path}: ${key} wants ${name}`)
      }),
    )
    expect(wanting).toEqual([])
  })

  it.each(Object.keys(catalogue).filter((key) => /^(ui|label)\./.test(key)))('can be read: %s', (key) => {
    expect(() => new IntlMessageFormat(catalogue[key]!, 'en')).not.toThrow()
  })

  it('is the only place where the interface has words', () => {
    const spoken = code
      .filter(({ path }) => path.endsWith('.vue'))
      .flatMap(({ path, text }) =>
        bare(text)
          .split('\n')
          .filter((line) => /[A-Za-z]{3,}/.test(line) && line.trim() !== 'Olla')
          .map((line) => `${path}: ${line.trim()}`),
      )
    expect(spoken).toEqual([])
  })

  it('has the words of attributes and of what is done on a tap, too', () => {
    const spoken = code
      .filter(({ path }) => path.endsWith('.vue'))
      .flatMap(({ path, text }) => {
        const template = /<template>([\s\S]*)<\/template>/.exec(text)?.[1] ?? ''
        return [...template.matchAll(/\s([@:\w.-]+)="([^"]*)"/g)]
          .filter(
            ([, name]) => !/^:?(class|style|d|transform|points|viewBox|preserveAspectRatio)$/.test(name!),
          )
          .flatMap(([, name, value]) => (/^[@:v]/.test(name!) ? quoted(value!) : [value!]))
          .filter((words) => /[A-Za-z’]{2,},? [a-z’]{2,}/.test(words))
          .map((words) => `${path}: ${words}`)
      })
    expect(spoken).toEqual([])
  })
})
