import { changesRepeated } from '@wrightonic/contract';

/** Something that whoever shows it reads again. */
export interface Change {
  /** Id of the academy or of the person it is told to. */
  to: string;
  event: 'athlete' | 'camp' | 'me';
  data: { athleteId?: string; campId?: string };
}

/** Changes of the last moments, each once, the newest last. */
export class RecentChanges {
  private readonly changes = new Map<string, { change: Change; at: number }>();

  constructor(/** Time that runs evenly, ms. */ private readonly now = () => performance.now()) {}

  add(change: Change): void {
    const key = JSON.stringify(change);
    this.changes.delete(key);
    this.changes.set(key, { change, at: this.now() });
    this.forget();
  }

  all(): Change[] {
    this.forget();
    return [...this.changes.values()].map(({ change }) => change);
  }

  private forget(): void {
    for (const [key, { at }] of this.changes) {
      if (this.now() - at <= changesRepeated) return;
      this.changes.delete(key);
    }
  }
}
