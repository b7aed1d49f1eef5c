import type { Course } from '@wrightonic/contract';
import {
  academyLinks,
  growthOf,
  growthWords,
  limitsOverTime,
  nodeName,
  powerAndVelocity,
  sayMass,
  severityNames,
  velocityIn,
  type Graded,
  type History,
  type LinkEdit,
  type SessionVelocity,
  type SizeUnit,
  type VelocityUnit,
} from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { dayWords, withDays } from '../../ui/words/days';
import { texts } from './texts';

interface Props {
  course: Course;
  linkEdits: readonly LinkEdit[];
  timeline: History['timeline'];
  sessions: readonly SessionVelocity[];
  unit: VelocityUnit;
  sizeUnit: SizeUnit;
  /** The house says something about growth. */
  note: boolean;
}

/** What each limit explains at most is named, strongest first. */
const mostFlaws = 3;

/** The body over time: screens beside the flaws that they explain, power beside velocity, growth. */
export function BodyWith({ course, linkEdits, timeline, sessions, unit, sizeUnit, note }: Props) {
  const today = useToday();
  const growth = note ? growthOf(course.sizes) : null;
  const limits = limitsOverTime(course.screens, timeline, academyLinks(linkEdits).links);
  const power = powerAndVelocity(course.screens, sessions);
  if (!growth && limits.length === 0 && power.length === 0) return null;
  const told = (grades: readonly Graded[]) =>
    grades.map(({ date, severity }) => `${severityNames[severity]} ${dayWords(date, today)}`).join(', ');
  const ends = (grades: readonly Graded[]) =>
    grades.length > 1 ? told([grades[0]!, grades.at(-1)!]) : told(grades);
  return (
    <Card>
      <Heading>{texts.theBodyWithIt}</Heading>
      {growth ? <Notice icon="human-male-height">{withDays(growthWords(growth), today)}</Notice> : null}
      {limits.map(({ id, grades, explains }) => (
        <Text key={id}>
          <Text variant="labelLarge">{nodeName(id)}</Text>
          {`: ${told(grades)}.${
            explains.length
              ? texts.itCanExplain(
                  explains
                    .slice(0, mostFlaws)
                    .map((each) => `${nodeName(each.id)} (${ends(each.grades)})`)
                    .join('; '),
                )
              : ''
          }`}
        </Text>
      ))}
      {power.map(({ date, watts, usual, session }) => (
        <Text key={date}>
          {texts.jumpPowerW(
            watts,
            dayWords(date, today),
            velocityIn(usual, unit).toFixed(1),
            unit,
            dayWords(session, today),
          )}
        </Text>
      ))}
      {power.length > 1 ? <Text variant="bodySmall">{texts.powerAndVelocityBeside}</Text> : null}
      {growth && course.sizes.at(-1)?.massKg ? (
        <Text variant="bodySmall">
          {texts.weightNowTheNote(sayMass(course.sizes.at(-1)!.massKg!, sizeUnit))}
        </Text>
      ) : null}
    </Card>
  );
}
