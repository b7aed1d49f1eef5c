import { mapOf, markedJoints, markerSpeeds, readLab, readTrc, type Markers } from '../src';
import { pretendTrc } from '../src/simulate';

/** A body of 1.8 m that glides along x; its hips turn, its shoulders stand still. */
function turning(degreesASecond: number, metresASecond: number, rate = 200): Markers {
  const times = Array.from({ length: rate + 1 }, (_, i) => i / rate);
  const heights = { Ankle: 80, Knee: 520, Hip: 960, Shoulder: 1480, Elbow: 1480, Wrist: 1480 } as const;
  const wide = { Ankle: 100, Knee: 100, Hip: 150, Shoulder: 200, Elbow: 500, Wrist: 740 } as const;
  const track = (side: 1 | -1, joint: keyof typeof heights) =>
    times.map((t) => {
      const round = joint === 'Hip' ? (degreesASecond * t * Math.PI) / 180 : 0;
      const x = 1000 * metresASecond * t + side * wide[joint] * Math.sin(round);
      return [x, side * wide[joint] * Math.cos(round), heights[joint]] as const;
    });
  const markers = new Map(
    (Object.keys(heights) as (keyof typeof heights)[]).flatMap((joint) => [
      [`left${joint}`, track(1, joint)],
      [`right${joint}`, track(-1, joint)],
    ]),
  );
  return { rate, times, markers };
}

it('gives the turning and the forward speed of each part, as they are', () => {
  const {
    time,
    turning: turns,
    forward,
  } = markerSpeeds(turning(300, 2), {
    discipline: 'overhand',
    throws: 'R',
  });
  expect(time.length).toBe(201);
  for (let i = 30; i < 170; i++) {
    expect(Math.abs(turns.pelvis![i]! - 300)).toBeLessThan(6);
    expect(turns.trunk![i]!).toBeLessThan(0.01);
    for (const part of ['pelvis', 'trunk', 'arm', 'hand'] as const)
      expect(Math.abs(forward[part]![i]! - 2)).toBeLessThan(0.02);
  }
});

it('reads a lab’s delivery in space: separation, and speeds in which the hand is the fastest', () => {
  const who = { discipline: 'overhand', throws: 'L' } as const;
  const { reading, speeds, motion } = readLab(readTrc(pretendTrc(who, 200)), who, {
    discipline: 'overhand',
    level: 'high-school',
  });
  expect(reading.measures.map(({ id }) => id)).toContain('hip-shoulder-separation-at-plant');
  const peak = (values: Float64Array) => Math.max(...values);
  expect(peak(speeds.turning.hand!)).toBeGreaterThan(peak(speeds.turning.pelvis!));
  expect(motion.events.plant! < motion.events.release!).toBe(true);
});

describe('which marker lies where', () => {
  const plain = markedJoints.map((joint) => joint.replace('left', 'L').replace('right', 'R'));

  it('is guessed from names, also behind whose they are', () => {
    const guessed = mapOf(
      plain.map((name) => `Pitcher 7:${name}`),
      [],
    );
    expect(markedJoints.filter((joint) => !guessed[joint])).toEqual([]);
    expect(guessed.leftKnee).toEqual(['Pitcher 7:LKnee']);
  });
  it('is taken from the newest sheet whose markers are all there', () => {
    const sheets = [{ leftHip: ['LKnee', 'gone'] }, { leftHip: ['LKnee', 'LHip'] }, { leftHip: ['LHip'] }];
    expect(mapOf(plain, sheets).leftHip).toEqual(['LKnee', 'LHip']);
  });
});
