import { athletePath } from './athletePath';
import { database } from './database';
import { takeOut } from './responseCache';

const place = 'wrightonic.removed';

const known = (): string[] => {
  try {
    return JSON.parse(localStorage.getItem(place) ?? '[]') as string[];
  } catch {
    return [];
  }
};

/**
 * Athletes who were deleted: whatever this device keeps of them goes, what was read and what was logged, films that were
 * tracked here among it. Once for each.
 *
 * @param removed their ids
 */
export async function dropRemoved(removed: readonly string[] = []): Promise<void> {
  const gone = removed.filter((id) => !known().includes(id));
  if (gone.length === 0) return;
  try {
    const db = await database();
    const clips = new Set<string>();
    for (const id of gone) {
      const kept = await db.get('responses', athletePath(id, 'clips'));
      for (const clip of (kept?.data ?? []) as { id: string }[]) clips.add(clip.id);
    }
    const transaction = db.transaction(['responses', 'outbox', 'tracks', 'stills'], 'readwrite');
    const responses = await transaction.objectStore('responses').getAll();
    const named = new Set(
      responses
        .filter(({ path, data }) => {
          const text = `${path} ${JSON.stringify(data)}`;
          return path !== 'session' && gone.some((id) => text.includes(id));
        })
        .map(({ path }) => path),
    );
    await takeOut(transaction, (path) => named.has(path));
    const outbox = transaction.objectStore('outbox');
    for (const { id, athleteId } of await outbox.getAll())
      if (gone.includes(athleteId)) await outbox.delete(id);
    for (const clip of clips) {
      await transaction.objectStore('tracks').delete(clip);
      await transaction.objectStore('stills').delete(clip);
    }
    await transaction.done;
    localStorage.setItem(place, JSON.stringify([...known(), ...gone]));
  } catch {
    // Nothing is kept here, or it is tried again at the next contact.
  }
}
