/** A short tone; a browser without sound stays silent. */
export function beep(): void {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    tone.frequency.value = 880;
    tone.connect(audio.destination);
    tone.onended = () => void audio.close();
    tone.start();
    tone.stop(audio.currentTime + 0.25);
  } catch {
    // Nothing to hear; the figure on the screen still shows the end.
  }
}
