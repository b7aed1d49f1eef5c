import type { NewLexiconEdit } from '@wrightonic/contract';
import type { LexiconEdit } from '@wrightonic/core';
import type { Academy } from './scope';

/** What the academy made of the words by which notes are tagged, oldest first. */
export async function lexiconEdits(academy: Academy): Promise<LexiconEdit[]> {
  const rows = await academy.from('lexicon_edits').orderBy(['at', 'id']).select('tag', 'phrase', 'removed');
  return rows.map((row: LexiconEdit) => ({ ...row, removed: Boolean(row.removed) }));
}

export const addLexiconEdit = (academy: Academy, edit: NewLexiconEdit, by: string): Promise<void> =>
  academy.add('lexicon_edits', { ...edit, at: new Date(), by_person: by });
