import { v4 } from 'uuid';
import { LocalBus } from './eventBus';
import { patient, redisAt } from './redis';

const channel = 'wrightonic events';

interface Told {
  /** The process that tells it, and has told it to its own already. */
  from: string;
  /** Null where something that was told before did not get through. */
  topic: string | null;
  message: unknown;
}

/**
 * Tells whoever listens in any process on the same Redis. What is told while Redis is away is heard in this process
 * alone; when it is back, everybody is told of the gap.
 */
export class RedisBus extends LocalBus {
  private readonly me = v4();
  private readonly speaker;
  private readonly listener;
  private owed = false;
  private interrupted = false;

  constructor(url: string, failing: (error: Error) => void) {
    super();
    this.speaker = redisAt(url, failing);
    this.listener = redisAt(url, failing, patient);
    this.speaker.on('ready', () => this.owed && this.tellGap());
    this.listener.on('message', (_channel: string, text: string) => this.hear(JSON.parse(text) as Told));
    this.listener.on('close', () => (this.interrupted = true));
    // What it listened to before it listens to again by itself.
    this.listener.on('ready', () => {
      if (!this.interrupted) return;
      this.interrupted = false;
      this.gap();
    });
    this.listener.subscribe(channel).catch(failing);
  }

  override publish<T>(topic: string, message: T): void {
    super.publish(topic, message);
    this.tell({ from: this.me, topic, message });
  }

  private tell(told: Told): void {
    this.speaker.publish(channel, JSON.stringify(told)).then(
      () => {
        if (told.topic === null) this.owed = false;
        else if (this.owed) this.tellGap();
      },
      () => (this.owed = true),
    );
  }

  private tellGap(): void {
    this.tell({ from: this.me, topic: null, message: null });
  }

  private hear({ from, topic, message }: Told): void {
    if (from === this.me) return;
    if (topic === null) this.gap();
    else super.publish(topic, message);
  }

  override async close(): Promise<void> {
    this.speaker.disconnect();
    this.listener.disconnect();
    await super.close();
  }
}
