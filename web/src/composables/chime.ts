const APART_S = 0.35

/** Soft strikes, made on the spot, one after the other. @param hertz their pitches */
export function strike(hertz: number[]) {
  const context = new AudioContext()
  hertz.forEach((pitch, i) => {
    const at = context.currentTime + i * APART_S
    const tone = context.createOscillator()
    const loudness = context.createGain()
    tone.frequency.value = pitch
    loudness.gain.setValueAtTime(0.0001, at)
    loudness.gain.exponentialRampToValueAtTime(0.4, at + 0.02)
    loudness.gain.exponentialRampToValueAtTime(0.0001, at + 0.9)
    tone.connect(loudness).connect(context.destination)
    tone.start(at)
    tone.stop(at + 1)
  })
  setTimeout(() => void context.close(), 1000 * (hertz.length * APART_S + 2))
}
