import type { Fault } from './fault';
import { overhandFaults } from './faults.overhand';
import { windmillFaults } from './faults.windmill';

/** What each flaw of the catalogue does to the posture of its phase. */
export const faults: Readonly<Record<string, Fault>> = { ...overhandFaults, ...windmillFaults };
