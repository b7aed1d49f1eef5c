import type { CalendarGame, CalendarGames } from '@wrightonic/core/icalendar';
import Joi from 'joi';
import { day, id, line } from './shared';

/** A calendar as it was handed out, to be read and looked at before anything is kept. */
export interface CalendarText {
  text: string;
}

export const calendarText = Joi.object<CalendarText>({
  text: Joi.string().max(6_000_000).required(),
}).required();

export type { CalendarGames };

export interface NewGames {
  games: (CalendarGame & { id: string })[];
}

export const newGames = Joi.object<NewGames>({
  games: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        uid: line(255).required(),
        date: day.required(),
        title: line(200).required(),
      }),
    )
    .min(1)
    .max(400)
    .unique('id')
    .required(),
}).required();
