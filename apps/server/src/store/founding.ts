import type { Founding } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { PersonRow, UnscopedStore } from './academies';

/** What an academy usually has. */
const usualEquipment = ['wall', 'floor', 'net', 'mound', 'mirror', 'chair', 'phone'];
const open = { leave: null, lift: null, teach: null, hips: null };

/**
 * Founds the first academy with its owner. Of two who do it at once one finds it done.
 *
 * @param beside also where there are academies already, as somebody at the server's console may
 * @returns the owner, or null when there is an academy already
 */
export async function foundAcademy(
  unscoped: UnscopedStore,
  wish: Omit<Founding, 'code' | 'password'>,
  passwordHash: string,
  beside = false,
): Promise<PersonRow | null> {
  const [academyId, personId] = [v7(), v7()];
  const founded = await unscoped.alone('founds', async () => {
    if (!beside && !(await unscoped.isEmpty())) return false;
    await unscoped.found(
      { id: academyId, name: wish.academy, zone: wish.zone, demo: false, equipment: usualEquipment },
      [
        {
          id: personId,
          email: wish.email,
          name: wish.name,
          passwordHash,
          role: 'owner',
          hand: 'R',
          velocityUnit: wish.velocityUnit,
          sizeUnit: wish.sizeUnit,
          approach: open,
        },
      ],
    );
    return true;
  });
  return founded ? unscoped.person(academyId, personId) : null;
}
