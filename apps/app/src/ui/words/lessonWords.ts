import type { LessonState } from '@wrightonic/core/lesson';

/** What became of a lesson; nothing where it is held as planned. */
export const lessonWords: Record<LessonState, string> = {
  on: '',
  moved: 'moved',
  'called-off': 'called off',
  'no-show': 'did not come',
  'rained-off': 'rained off',
};
