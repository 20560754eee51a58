/** A short sound, where the browser has one. */
export function beep(hertz: number): void {
  if (!('AudioContext' in window)) return
  const context = new AudioContext()
  const tone = context.createOscillator()
  const volume = context.createGain()
  tone.frequency.value = hertz
  volume.gain.setValueAtTime(0.2, context.currentTime)
  volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.25)
  tone.connect(volume).connect(context.destination)
  tone.start()
  tone.stop(context.currentTime + 0.25)
  tone.onended = () => void context.close()
}
