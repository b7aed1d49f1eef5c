import { type LookPage, type FindingDetail, type FindingRecord, type LookRecord } from '@wrightonic/contract';
import { nodeName, type Severity } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayWords, timeAt } from '../../ui/words/days';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { severityNames } from '../../ui/seam/words';
import { useWhom } from '../../ui/hooks/useWhom';
import { LookTold } from './LookTold';
import { Checkpoint } from '../../ui/checkpoint/Checkpoint';
import { lookSteps } from '../../ui/checkpoint/steps';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  look: LookRecord;
}

/** A finished look: everything that was graded, how it came about, and a way to put a grade right. */
export function LookDetail({ athlete, look }: Props) {
  const today = useToday();
  const dispatch = useAppDispatch();
  const [correcting, setCorrecting] = useState<string | null>(null);
  const [reason, setReason] = useState('');
  const steps = lookSteps('full', look.findings, useWhom(athlete));
  const correct = (node: string, severity: Severity | null, detail: FindingDetail = {}) => {
    if (reason.trim() === '') return;
    dispatch(
      log(athlete.id, 'look-corrected', {
        lookId: look.id,
        node,
        severity,
        ...detail,
        reason: reason.trim(),
      }),
    );
    setCorrecting(null);
    setReason('');
  };
  return (
    <Pane>
      <Button
        mode="text"
        icon="chevron-left"
        style={styles.start}
        onPress={() => router.navigate(`/athletes/${athlete.id}/look`)}
      >
        {texts.allLooks}
      </Button>
      <Heading>{texts.fullLookOf(look.kind, dayWords(look.date, today))}</Heading>
      <LookTold athleteId={athlete.id} look={look} />
      <Text>{texts.checkpointsLookedAt(Object.keys(look.findings).length)}</Text>
      <Seam discipline={athlete.discipline} findings={look.findings} size="large" label={texts.thisLook} />
      {steps.map(({ key, name, first }) => {
        const graded = first.filter(({ id }) => id in look.findings || id in look.details);
        if (graded.length === 0) return null;
        return (
          <Card key={key}>
            <Heading level={3}>{name}</Heading>
            {graded.map((point) => {
              const grade = look.findings[point.id] ?? null;
              const detail = look.details[point.id];
              if (correcting === point.id)
                return (
                  <View key={point.id} style={styles.gap}>
                    <TextField
                      label={texts.whyIsItCorrected}
                      value={reason}
                      onChange={setReason}
                      atMost={300}
                      autoFocus
                    />
                    <Text variant="bodySmall" role="status">
                      {reason.trim() ? texts.tapTheRightGrade : texts.sayWhyThenTap}
                    </Text>
                    <Checkpoint
                      point={point}
                      grade={grade}
                      detail={detail}
                      offer={undefined}
                      hand={athlete.throws}
                      full={false}
                      onGrade={correct}
                    />
                    <Button mode="text" onPress={() => setCorrecting(null)}>
                      {texts.cancel}
                    </Button>
                  </View>
                );
              return (
                <View key={point.id} style={styles.line}>
                  <View style={styles.grow}>
                    <Text>
                      <Text variant="labelLarge">{point.name}</Text>
                      {`, ${grade === null ? texts.notLookedAt : severityNames[grade]}`}
                    </Text>
                    {typeof detail?.value === 'number' ? (
                      <Text variant="bodySmall">
                        {texts.measured2(
                          Number(detail.value.toFixed(1)),
                          point.unit ?? '',
                          typeof detail.derived === 'number' && detail.derived !== grade
                            ? texts.measured(severityNames[detail.derived])
                            : '',
                        )}
                      </Text>
                    ) : null}
                    {detail?.note ? <Text variant="bodySmall">{detail.note}</Text> : null}
                  </View>
                  <Button
                    mode="text"
                    compact
                    accessibilityLabel={texts.correct(point.name)}
                    onPress={() => setCorrecting(point.id)}
                  >
                    {texts.correct2}
                  </Button>
                </View>
              );
            })}
          </Card>
        );
      })}
      <Changes lookId={look.id} />
    </Pane>
  );
}

/** Grades that came more than once: what stood there before is never lost. */
function Changes({ lookId }: { lookId: string }) {
  const { data } = lazyEndpoints.useLookHistoryQuery(lookId);
  const { academy } = useMe();
  const [open, setOpen] = useState(false);
  const byNode = new Map<string, FindingRecord[]>();
  for (const entry of data ?? []) byNode.set(entry.node, [...(byNode.get(entry.node) ?? []), entry]);
  const changed = [...byNode].filter(([, entries]) => entries.length > 1);
  if (changed.length === 0) return null;
  return (
    <Card>
      <Button mode="text" onPress={() => setOpen(!open)} style={styles.start}>
        {texts.hideWhatWasChanged(open, changed.length)}
      </Button>
      {open
        ? changed.map(([node, entries]) => (
            <Text key={node}>
              <Text variant="labelLarge">{nodeName(node)}</Text>
              {`: ${entries
                .map(({ severity, by, at, note }) =>
                  texts.byAt(
                    severity === null ? texts.removed : severityNames[severity as Severity],
                    by,
                    timeAt(at, academy.zone),
                    note ? ` (${note})` : '',
                  ),
                )
                .join(', then ')}`}
            </Text>
          ))
        : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  gap: { gap: 6 },
});
