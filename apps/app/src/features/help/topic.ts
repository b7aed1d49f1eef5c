import { topics } from './guide';

/** The topic of a place, by the beginning of its path; the first that fits. */
const places: readonly [start: RegExp, topic: string][] = [
  [/^\/athletes\/[^/]+\/(screen)/, 'physical-screen'],
  [/^\/athletes\/[^/]+\/(throws)/, 'throws'],
  [/^\/athletes\/[^/]+\/(clip)/, 'clip-bench'],
  [/^\/athletes\/[^/]+\/(curves)/, 'speed-curves'],
  [/^\/athletes\/[^/]+\/(trace|sheet)/, 'trace'],
  [/^\/athletes\/[^/]+\/build/, 'build'],
  [/^\/athletes\/[^/]+\/(work|session)/, 'work'],
  [/^\/athletes\/[^/]+\/prove/, 'prove'],
  [/^\/athletes\/[^/]+\/(profile|edit)|^\/athletes\/new|^\/roster/, 'roster-and-profile'],
  [/^\/athletes\//, 'look'],
  [/^\/drills/, 'drills'],
  [/^\/camps/, 'camps'],
  [/^\/office/, 'office'],
  [/^\/diary|^\/$/, 'today-and-the-diary'],
  [/^\/unsent/, 'without-a-connection'],
];

/** The topic of the guide for where somebody stands. */
export const topicOf = (path: string): string =>
  places.find(([start]) => start.test(path))?.[1] ?? topics[0]!.id;

/** Topics that hold every word that is searched for. */
export function topicsWith(search: string): typeof topics {
  const words = search.trim().toLowerCase().split(/\s+/).filter(Boolean);
  return topics.filter(({ title, blocks }) => {
    const text = [title, ...blocks].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
