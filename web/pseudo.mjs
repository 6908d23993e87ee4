/*
 * A language that nobody speaks, made of the English catalogue: every sentence in brackets, accented and a third longer. What
 * is not in brackets on a screen was written in the code; what is cut off would be cut off in another language too.
 */
import { URL } from 'node:url'
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { parse, TYPE } from '@formatjs/icu-messageformat-parser'
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js'

const ACCENTED = {
  a: 'á',
  e: 'é',
  i: 'í',
  o: 'ó',
  u: 'ú',
  y: 'ý',
  A: 'Á',
  E: 'É',
  I: 'Í',
  O: 'Ó',
  U: 'Ú',
  c: 'ç',
  n: 'ñ',
}
const accented = (text) => text.replace(/[aeiouyAEIOUcn]/g, (letter) => ACCENTED[letter])

const changed = (parts) =>
  parts.map((part) => {
    if (part.type === TYPE.literal) return { ...part, value: accented(part.value) }
    if (part.type === TYPE.tag) return { ...part, children: changed(part.children) }
    if (part.type !== TYPE.plural && part.type !== TYPE.select) return part
    const options = Object.entries(part.options).map(([name, option]) => [
      name,
      { ...option, value: changed(option.value) },
    ])
    return { ...part, options: Object.fromEntries(options) }
  })

/** Units are no words, and a list's comma is read by the machine. */
const LEFT_ALONE = /^(unit\.|list\.|species\.\w+\.also$)/

const english = JSON.parse(readFileSync(new URL('../messages/en.json', import.meta.url), 'utf8'))
const pseudo = Object.fromEntries(
  Object.entries(english).map(([key, pattern]) => {
    if (LEFT_ALONE.test(key)) return [key, pattern]
    const longer = ' ····'.repeat(Math.ceil(pattern.replace(/\{[^}]*\}/g, '').length / 15))
    return [key, `[${printAST(changed(parse(pattern)))}${longer}]`]
  }),
)
mkdirSync(new URL('./target/messages/', import.meta.url), { recursive: true })
writeFileSync(new URL('./target/messages/en-XA.json', import.meta.url), JSON.stringify(pseudo))
