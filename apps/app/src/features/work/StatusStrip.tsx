import type { WorkPage } from '@wrightonic/contract';
import { lastTap, setNow, type Dose, type Drill, type ThrowsToday } from '@wrightonic/core';
import { View } from 'react-native';
import { useMe } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { ConstraintAdvice, ConstraintRow, type Constraining } from './Constraints';
import { ToolLine, type Opened } from './drillParts';
import { isSimulated, NewestVelocity, PendingReading } from './radar/RadarLine';
import type { Readings } from './radar/useReadings';
import { SetLine } from './SetLine';
import { setsDone } from './sets';
import type { Session } from './useSession';
import type { useSpots } from './useSpots';
import { texts } from './texts';

interface Props {
  page: WorkPage;
  session: Session;
  drill: Drill;
  dose: Dose;
  constraining: Constraining;
  readings: Readings;
  throws: ThrowsToday;
  spots: ReturnType<typeof useSpots>;
  /** Percent. */
  maxEffort: number;
  onNext: (() => void) | null;
  onWhy: (() => void) | null;
  onOpen: (what: Opened) => void;
}

/** The newest throw of this drill, as long as it is the newest of all. */
function newestThrow(events: Session['events'], drill: string) {
  const newest = events.findLast((event) => event.kind === 'throw');
  return newest?.drill === drill ? newest : null;
}

/** Between the drill and the two areas: set and rest, velocity and throws, tools, what to change next. */
export function StatusStrip(props: Props) {
  const { page, session, drill, dose, constraining, readings, throws, spots, maxEffort } = props;
  const own = useColours();
  const { velocityUnit } = useMe().person;
  const { events } = session;
  const actions = session.inSession();
  return (
    <View style={{ backgroundColor: own.surface }}>
      <PendingReading readings={readings} unit={velocityUnit} />
      <ConstraintRow
        constraining={constraining}
        words={texts.set(setNow(dose, setsDone(events, drill.id)).set)}
      />
      <SetLine
        key={`sets-${drill.id}`}
        events={events}
        drill={drill.id}
        dose={dose}
        told={constraining.order.length > 0}
        effort={drill.throws ? session.effortOf(drill.id) : null}
        maxEffort={maxEffort}
        age={page.athlete.age}
        side={session.sideOf(drill.id)}
        hand={page.athlete.throws}
        onSide={(side) => session.startOn(drill.id, side)}
        onEffort={(asked) => session.askFor(drill.id, asked)}
        onNext={props.onNext}
        onWhy={props.onWhy}
      />
      <ToolLine
        drill={drill}
        throws={throws}
        spots={spots}
        velocity={
          drill.throws ? (
            <NewestVelocity
              readings={readings}
              newest={newestThrow(events, drill.id)}
              unit={velocityUnit}
              onDiscard={actions.discard}
            />
          ) : null
        }
        simulated={drill.throws > 0 && isSimulated(readings)}
        onOpen={props.onOpen}
        onUndo={lastTap(events).length ? actions.undo : null}
      />
      <ConstraintAdvice constraining={constraining} />
    </View>
  );
}
