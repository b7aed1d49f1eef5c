import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { MarkerMap } from '@wrightonic/core';
import type { ThemeName } from '../theme/theme';

/** `auto` follows the device. */
export type ThemeChoice = ThemeName | 'auto';

/** Athletes who work together on a day. */
export interface Group {
  date: string;
  ids: string[];
}

interface Settings {
  theme: ThemeChoice;
  /** Beeps of the hold timer. */
  sound: boolean;
  group: Group | null;
  /** The radar line that velocities come from; null when they are typed. */
  radar: string | null;
  /** Constraints that are on, by athlete and drill, as they were changed last. */
  constraints: Readonly<Record<string, string[]>>;
  /** Drills whose figure was seen while working; it stands behind a button from then on. */
  seenFigures: readonly string[];
  /** The introduction was taken, or put away. */
  introduced: boolean;
  /** Step of the tour that is on; null while none is. */
  tour: number | null;
  /** Which marker lies at which joint, lab by lab, as this device mapped them, the newest first. */
  labs: readonly MarkerMap[];
}

const place = 'wrightonic.settings';
const mostLabs = 20;

export function storedSettings(): Settings {
  const usual: Settings = {
    theme: 'auto',
    sound: true,
    group: null,
    radar: null,
    constraints: {},
    seenFigures: [],
    introduced: false,
    tour: null,
    labs: [],
  };
  try {
    return { ...usual, ...(JSON.parse(localStorage.getItem(place) ?? '{}') as Partial<Settings>) };
  } catch {
    return usual;
  }
}

export const keepSettings = (settings: Settings): void =>
  localStorage.setItem(place, JSON.stringify(settings));

export const settings = createSlice({
  name: 'settings',
  initialState: storedSettings,
  reducers: {
    themeChosen: (state, { payload }: PayloadAction<ThemeChoice>) => {
      state.theme = payload;
    },
    labRemembered: (state, { payload }: PayloadAction<MarkerMap>) => {
      const others = state.labs.filter((each) => JSON.stringify(each) !== JSON.stringify(payload));
      state.labs = [payload, ...others].slice(0, mostLabs) as typeof state.labs;
    },
    introduced: (state) => {
      state.introduced = true;
    },
    tourMoved: (state, { payload }: PayloadAction<number | null>) => {
      state.tour = payload;
    },
    soundSwitched: (state, { payload }: PayloadAction<boolean>) => {
      state.sound = payload;
    },
    groupChosen: (state, { payload }: PayloadAction<Group>) => {
      state.group = payload;
    },
    radarChosen: (state, { payload }: PayloadAction<string | null>) => {
      state.radar = payload;
    },
    figureSeen: (state, { payload }: PayloadAction<string>) => {
      if (!state.seenFigures.includes(payload))
        state.seenFigures = [...state.seenFigures, payload].slice(-mostRemembered);
    },
    constraintsSet: (state, { payload: { key, on } }: PayloadAction<{ key: string; on: string[] }>) => {
      const { [key]: _, ...others } = state.constraints;
      state.constraints = Object.fromEntries([...Object.entries(others), [key, on]].slice(-mostRemembered));
    },
  },
});

/** Of so many drills it is remembered what is on; the oldest are forgotten. */
const mostRemembered = 400;

export const constraintsKey = (athlete: string, drill: string): string => `${athlete} ${drill}`;

export const {
  introduced,
  tourMoved,
  themeChosen,
  soundSwitched,
  groupChosen,
  radarChosen,
  constraintsSet,
  figureSeen,
} = settings.actions;
