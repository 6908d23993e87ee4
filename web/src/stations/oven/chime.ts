/** Two soft strikes, made on the spot; silent where the browser has not been touched yet. */
export function chime() {
  const context = new AudioContext()
  for (const [at, hertz] of [
    [0, 660],
    [0.35, 880],
  ] as const) {
    const tone = context.createOscillator()
    const loudness = context.createGain()
    tone.frequency.value = hertz
    loudness.gain.setValueAtTime(0.0001, context.currentTime + at)
    loudness.gain.exponentialRampToValueAtTime(0.4, context.currentTime + at + 0.02)
    loudness.gain.exponentialRampToValueAtTime(0.0001, context.currentTime + at + 0.9)
    tone.connect(loudness).connect(context.destination)
    tone.start(context.currentTime + at)
    tone.stop(context.currentTime + at + 1)
  }
  setTimeout(() => void context.close(), 2000)
}
