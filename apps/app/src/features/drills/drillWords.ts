import { doseWords, nodeName, parseDose, type Drill } from '@wrightonic/core';

export const needsWords = ({ equipment }: Drill): string =>
  equipment.map((any) => any.join(' or ')).join(', ') || 'nothing';

export const servesWords = ({ targets }: Drill): string =>
  targets.map((id) => (id === '*' ? 'whatever the focus is' : nodeName(id))).join('; ');

export const effortWords = ({ effort }: Drill): string =>
  effort ? (effort.from === effort.to ? `${effort.to} %` : `${effort.from} to ${effort.to} %`) : 'dry';

export const doseOf = (drill: Drill): string =>
  `${doseWords(parseDose(drill.dose))}${drill.throws ? `, ${drill.throws} throws` : ''}`;
