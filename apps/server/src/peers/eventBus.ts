import { EventEmitter } from 'node:events';

/** Topic on which the id of a session is told when it ends. */
export const authSessionEnded = 'session ended';

/** Tells whoever listens; what is told is kept elsewhere, so that nothing depends on being heard. */
export interface EventBus {
  publish<T>(topic: string, message: T): void;
  /** @returns what ends the listening */
  subscribe<T>(topic: string, hear: (message: T) => void): () => void;
  /** Something may have been told that was not heard here: whoever shows it reads it again. */
  onGap(hear: () => void): () => void;
  close(): Promise<void>;
}

/** Tells whoever listens in this process. */
export class LocalBus implements EventBus {
  private readonly emitter = new EventEmitter().setMaxListeners(0);
  private readonly gaps = new EventEmitter().setMaxListeners(0);

  publish<T>(topic: string, message: T): void {
    this.emitter.emit(topic, message);
  }

  subscribe<T>(topic: string, hear: (message: T) => void): () => void {
    this.emitter.on(topic, hear);
    return () => this.emitter.off(topic, hear);
  }

  onGap(hear: () => void): () => void {
    this.gaps.on('gap', hear);
    return () => this.gaps.off('gap', hear);
  }

  protected gap(): void {
    this.gaps.emit('gap');
  }

  async close(): Promise<void> {
    this.emitter.removeAllListeners();
    this.gaps.removeAllListeners();
  }
}
