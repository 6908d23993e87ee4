import { beforeEach, describe, expect, it, vi } from 'vitest'

const strike = vi.fn()
vi.mock('../src/composables/chime', () => ({ strike }))
const { useChimes } = await import('../src/composables/chimes')

describe('the chimes of the evening', () => {
  beforeEach(() => {
    localStorage.clear()
    strike.mockClear()
  })

  it('ring once when a step becomes due, and not for what was due already', () => {
    const chimes = useChimes()
    window.dispatchEvent(new Event('pointerdown'))
    chimes.followSteps([
      { key: 'late', due: true },
      { key: 'rice', due: false },
    ])
    expect(strike).not.toHaveBeenCalled()
    chimes.followSteps([
      { key: 'late', due: true },
      { key: 'rice', due: true },
    ])
    chimes.followSteps([{ key: 'rice', due: true }])
    expect(strike).toHaveBeenCalledTimes(1)
    // Planned for later again, it rings again.
    chimes.followSteps([{ key: 'rice', due: false }])
    chimes.followSteps([{ key: 'rice', due: true }])
    expect(strike).toHaveBeenCalledTimes(2)
  })

  it('stay silent where they are muted, or nobody has touched the screen', () => {
    const untouched = useChimes()
    untouched.followSteps([{ key: 'a', due: false }])
    untouched.followSteps([{ key: 'a', due: true }])
    expect(strike).not.toHaveBeenCalled()
    const muted = useChimes()
    window.dispatchEvent(new Event('pointerdown'))
    muted.muted.value = true
    muted.followSteps([{ key: 'a', due: false }])
    muted.followSteps([{ key: 'a', due: true }])
    expect(strike).not.toHaveBeenCalled()
  })
})
