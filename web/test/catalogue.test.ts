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
      [...text.matchAll(/\bt\(\s*'([^']+)'\s*\)/g)]
        .filter(([, key]) => /\{\w+/.test(catalogue[key!] ?? ''))
        .map(([, key]) => `${path}: ${key}`),
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
