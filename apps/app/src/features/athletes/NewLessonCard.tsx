import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { LessonForm } from '../../ui/form/LessonForm';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';

/** A lesson of an athlete, from their own page. */
export function NewLessonCard({ athleteId }: { athleteId: string }) {
  return (
    <Card>
      <Heading level={3}>{texts.nextLesson}</Heading>
      <LessonForm athleteId={athleteId} date={useToday()} />
    </Card>
  );
}
