import type Joi from 'joi';
import * as contract from '@wrightonic/contract';

/** The schemas whose problems people read below a field. */
const forms = [
  'athleteForm',
  'codeOnly',
  'invitationAnswer',
  'lookDetailsForm',
  'moveLessonForm',
  'newClearance',
  'newDeletion',
  'newDevice',
  'newLesson',
  'newSize',
  'newTarget',
  'newTemplate',
  'normForm',
  'ownDrill',
  'passwordChange',
  'passwordOnly',
  'resetAnswer',
  'resetWish',
  'unlockForm',
] as const;

interface Described extends Joi.Description {
  rules?: { name: string; args?: { options?: { name?: string } } }[];
  keys?: Record<string, Described>;
  items?: Described[];
  preferences?: { messages?: object };
}

/** What the app fills in by itself: ids, switches and groups of fields. */
const byTheApp = /^(object|boolean|any)\.base$|^string\.pattern\.name$|\.custom$/;

/** Everything that may be wrong with a field, without what the field words itself. */
function codesOf(of: Described): string[] {
  const { type, flags = {}, allow = [], rules = [], keys = {}, items = [] } = of;
  const own = Object.keys(of.preferences?.messages ?? {});
  const { only, presence } = flags as { only?: boolean; presence?: string };
  const named = (name: string, argument?: string) =>
    name === 'pattern' ? `string.pattern.${argument ? 'name' : 'base'}` : `${type}.${name}`;
  const here = [
    `${type}.base`,
    ...(presence === 'required' ? ['any.required'] : []),
    ...(only ? ['any.only'] : []),
    ...(type === 'number' ? ['number.unsafe'] : []),
    ...(type === 'string' && !allow.includes('') ? ['string.empty'] : []),
    ...rules.map(({ name, args }) => named(name, args?.options?.name)),
  ];
  return [
    ...here.filter((code) => !own.includes(code) && !byTheApp.test(code)),
    ...[...Object.values(keys), ...items].flatMap(codesOf),
  ];
}

it.each(forms)('everything that may be wrong in %s is said in words of the product', (form) => {
  const codes = codesOf(contract[form].describe() as Described);
  expect(codes.length).toBeGreaterThan(1);
  expect(codes.filter((code) => !(code in contract.formMessages))).toEqual([]);
});
