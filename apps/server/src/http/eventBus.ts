import { EventEmitter } from 'node:events';

/** Tells whoever listens in this process; what is told is kept elsewhere, so that nothing depends on being heard. */
export class EventBus {
  private readonly emitter = new EventEmitter().setMaxListeners(0);

  publish<T>(topic: string, message: T): void {
    this.emitter.emit(topic, message);
  }

  /** @returns what ends the listening */
  subscribe<T>(topic: string, hear: (message: T) => void): () => void {
    this.emitter.on(topic, hear);
    return () => this.emitter.off(topic, hear);
  }
}

/** Topic on which the id of a session is told when it ends. */
export const authSessionEnded = 'session ended';
