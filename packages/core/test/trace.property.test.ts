import fc from 'fast-check';
import {
  academyLinks,
  blame,
  catalogueGraph,
  causeGraph,
  CycleError,
  links,
  nodesFor,
  trace,
  type Discipline,
  type Findings,
  type Severity,
} from '../src';

/** Any look: some checkpoints, limits and symptoms of a discipline with any grade. */
const look = fc.constantFrom<Discipline>('overhand', 'windmill').chain((discipline) =>
  fc.record({
    discipline: fc.constant(discipline),
    age: fc.integer({ min: 6, max: 30 }),
    findings: fc.dictionary(
      fc.constantFrom(...nodesFor(discipline).map(({ id }) => id)),
      fc.constantFrom<Severity>(0, 1, 2, 3),
      { maxKeys: 60, noNullPrototype: true },
    ),
  }),
);
type Look = { discipline: Discipline; age: number; findings: Findings };

const traced = ({ discipline, age, findings }: Look, throws: 'L' | 'R' = 'R') =>
  trace({ athlete: { discipline, throws, age }, findings, runs: 0 });
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

describe('whatever was seen', () => {
  it('conserves blame: the scores add up to the severities', () => {
    fc.assert(
      fc.property(look, (seen) => {
        const { total, roots } = traced(seen);
        expect(sum(roots.map(({ score }) => score))).toBeCloseTo(total, 8);
        expect(sum(roots.map(({ share }) => share))).toBeCloseTo(total ? 1 : 0, 8);
      }),
    );
  });

  it('conserves blame under struck links, other weights, new links and any approach', () => {
    const approach = fc.record({
      leave: fc.constantFrom('drive' as const, 'fall' as const),
      lift: fc.constantFrom('balance' as const, 'drift' as const),
      hips: fc.constantFrom('close' as const, 'half' as const),
    });
    const edit = fc.record({
      at: fc.nat(),
      weight: fc.option(fc.double({ min: 0.01, max: 0.99, noNaN: true })),
    });
    fc.assert(
      fc.property(
        look,
        approach,
        fc.array(edit, { maxLength: 12 }),
        fc.array(fc.nat(), { maxLength: 8 }),
        ({ discipline, age, findings }, sides, changes, strikes) => {
          const set = academyLinks(
            changes.map(({ at, weight }) => ({ ...links[at % links.length]!, weight })),
          );
          const own = links.filter(({ cause, effect }) =>
            [cause, effect].every((id) => nodesFor(discipline).some((node) => node.id === id)),
          );
          const struck = strikes.map((at): [string, string] => {
            const { cause, effect } = own[at % own.length]!;
            return [cause, effect];
          });
          const input = {
            athlete: { discipline, throws: 'R' as const, age, approach: sides },
            findings,
            removedLinks: struck,
            runs: 0,
          };
          const { total, roots, leaveAlone, tactical, flows } = trace(input, set);
          expect(sum(roots.map(({ score }) => score))).toBeCloseTo(total, 8);
          const counted = Object.entries(findings).filter(
            ([id]) => !leaveAlone.includes(id) && !tactical.includes(id),
          );
          expect(total).toBe(sum(counted.map(([, grade]) => grade)));
          for (const root of roots)
            expect(sum(root.explains.map(({ credit }) => credit))).toBeCloseTo(root.score, 8);
          for (const [cause, effect] of struck)
            expect(flows.some((flow) => flow.cause === cause && flow.effect === effect)).toBe(false);
        },
      ),
    );
  });

  it('explains every root: its credits add up to its score', () => {
    fc.assert(
      fc.property(look, (seen) => {
        for (const root of traced(seen).roots)
          expect(sum(root.explains.map(({ credit }) => credit))).toBeCloseTo(root.score, 8);
      }),
    );
  });

  it('gives every present node a score, in falling order, and nobody else', () => {
    fc.assert(
      fc.property(look, (seen) => {
        const { roots, leaveAlone } = traced(seen);
        for (const { id } of roots) expect(seen.findings[id]).toBeGreaterThan(0);
        for (const id of leaveAlone) expect(roots.map((root) => root.id)).not.toContain(id);
        const scores = roots.map(({ score }) => score);
        scores.slice(1).forEach((score, n) => expect(score).toBeLessThanOrEqual(scores[n]! + 1e-9));
      }),
    );
  });

  it('never lowers a finding and its causes together when the finding gets worse', () => {
    const graphs = { overhand: catalogueGraph('overhand'), windmill: catalogueGraph('windmill') };
    fc.assert(
      fc.property(look, fc.nat(), ({ discipline, findings }, pick) => {
        const graph = graphs[discipline];
        const milder = graph.nodes.flatMap((node, at) =>
          (findings[node.id] ?? 0) > 0 && findings[node.id]! < 3 ? [at] : [],
        );
        fc.pre(milder.length > 0);
        const worse = milder[pick % milder.length]!;
        const severity = graph.nodes.map((node) => findings[node.id] ?? 0);
        const family = new Set([worse]);
        for (const at of graph.order)
          if (family.has(at)) for (const cause of graph.causes[at]!) family.add(cause.at);
        const scored = (grades: readonly number[]) => {
          const { score } = blame(graph, grades);
          return sum([...family].map((at) => score[at]!));
        };
        const before = scored(severity);
        severity[worse]! += 1;
        expect(scored(severity)).toBeGreaterThanOrEqual(before - 1e-9);
      }),
    );
  });

  it('does not depend on the hand that throws', () => {
    fc.assert(
      fc.property(look, (seen) => {
        expect(traced(seen, 'L')).toEqual(traced(seen, 'R'));
      }),
    );
  });

  it('proposes a focus that was seen, of its own thread, and one at most below age 10', () => {
    fc.assert(
      fc.property(look, (seen) => {
        const { focus } = traced(seen);
        for (const id of [focus.lower, focus.arm])
          if (id) {
            expect(seen.findings[id]).toBeGreaterThan(0);
            expect(id.startsWith('sym.')).toBe(false);
          }
        if (seen.age < 10) expect(focus.lower === null || focus.arm === null).toBe(true);
      }),
    );
  });

  it('looks next only at what was not looked at', () => {
    fc.assert(
      fc.property(look, (seen) => {
        for (const id of traced(seen).lookNext) expect(id in seen.findings).toBe(false);
      }),
    );
  });

  it('carries along its threads what the effects hand on', () => {
    fc.assert(
      fc.property(look, (seen) => {
        const { flows, roots } = traced(seen);
        const kept = new Map(roots.map(({ id, score }) => [id, score]));
        const severity = (id: string) => (kept.has(id) ? seen.findings[id]! : 0);
        for (const [id, score] of kept) {
          const taken = sum(flows.filter(({ cause }) => cause === id).map(({ credit }) => credit));
          const given = sum(flows.filter(({ effect }) => effect === id).map(({ credit }) => credit));
          expect(severity(id) + taken - given).toBeCloseTo(score, 8);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('the graph', () => {
  it('spells out a circle', () => {
    const circle = [...links, { cause: 'oh.shoulders-early', effect: 'oh.lift-stall', weight: 0.3 }];
    expect(() => causeGraph('overhand', [], circle)).toThrow(CycleError);
    try {
      causeGraph('overhand', [], circle);
    } catch (error) {
      const { cycle } = error as CycleError;
      expect(cycle[0]).toBe(cycle.at(-1));
      expect(cycle).toContain('oh.lift-stall');
    }
  });
});
