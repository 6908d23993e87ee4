import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { useKeys } from '../src/composables/keys'

/** A station with a field, a list that is chosen from, and a button. */
function station(keys: Record<string, () => void>) {
  const Station = defineComponent({
    setup() {
      useKeys(keys)
      return () =>
        h('main', [
          h('input', { id: 'field' }),
          h('div', { class: 'el-select__wrapper', id: 'frame', tabindex: -1 }, [
            h('input', { id: 'list', readonly: true, role: 'combobox' }),
          ]),
          h('button', { id: 'button' }),
        ])
    },
  })
  return mount(Station, { attachTo: document.body })
}

describe('the keys of a station', () => {
  const keys = { Enter: vi.fn(), ' ': vi.fn(), z: vi.fn() }
  const shown = station(keys)
  const press = (id: string, key: string) =>
    (id ? shown.get(id).element : document.body).dispatchEvent(
      new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
    )
  afterEach(() => Object.values(keys).forEach((k) => k.mockClear()))

  it('work where nothing else has the focus', () => {
    press('', 'Enter')
    press('', 'z')
    expect(keys.Enter).toHaveBeenCalledOnce()
    expect(keys.z).toHaveBeenCalledOnce()
  })

  it.each(['#frame', '#list', '#button'])('leave Enter and Space to %s, and take the letters', (id) => {
    press(id, 'Enter')
    press(id, ' ')
    press(id, 'z')
    expect(keys.Enter).not.toHaveBeenCalled()
    expect(keys[' ']).not.toHaveBeenCalled()
    expect(keys.z).toHaveBeenCalledOnce()
  })

  it('leave all to a field that is typed in', () => {
    press('#field', 'z')
    press('#field', 'Enter')
    expect(keys.z).not.toHaveBeenCalled()
    expect(keys.Enter).not.toHaveBeenCalled()
  })
})
