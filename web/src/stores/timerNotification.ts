const BEEPS = 3;
const APART = 0.35;

/** Whether the person can still be asked to allow notifications. */
export const mayAsk = (): boolean => 'Notification' in window && Notification.permission === 'default';
export const askToNotify = async (): Promise<void> => void (await Notification.requestPermission());

/** Rings: a sound where the browser lets it, and a notification where the person allowed one. */
export function notifyTimer(words: string, about: string): void {
  beep();
  if ('Notification' in window && Notification.permission === 'granted') new Notification(words, { body: about, tag: `${words} ${about}` });
}

function beep(): void {
  const Context = window.AudioContext as typeof AudioContext | undefined;
  if (!Context) return;
  const audio = new Context();
  for (let i = 0; i < BEEPS; i++) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    volume.gain.value = 0.2;
    tone.frequency.value = 880;
    tone.connect(volume).connect(audio.destination);
    tone.start(audio.currentTime + i * APART);
    tone.stop(audio.currentTime + i * APART + 0.2);
    if (i === BEEPS - 1) tone.onended = () => void audio.close();
  }
}
