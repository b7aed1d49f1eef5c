/*
 * Every rule of the house that hangs on an age, years on the day. Ages of single drills stand with the drills, ages of the
 * published throw limits in their table.
 */

/** Below this age there is one focus at a time. */
export const oneFocusBelow = 10;

/** From this age on nobody is taught to be able to stop at the top of the lift. */
export const driftFrom = 12;

/** The tilt of the ground as a constraint is for those of this age and older. */
export const tiltFrom = 12;
/** A wall close behind the back as a constraint is for those of this age and older. */
export const backWallFrom = 10;
/** What pulls on the body, such as a tether or a stretched cord, is for those of this age and older. */
export const pullFrom = 13;

/** Below this age nobody is asked for all the effort there is. */
export const fullEffortFrom = 13;

/** Balls that are heavier or lighter than the usual one are prescribed from this age on. */
export const addedMassFrom = 15;

/** Below this age a week has one day more without throws. */
export const throwFreeDayBelow = 13;

/** Below these ages a day holds so many drills besides prep. */
export const fewestDrillsBelow = 10;
export const fewerDrillsBelow = 13;

/** Below this age an athlete is young for the hints of the word check; house default. */
export const hintsBelow = 13;

/** Below these ages power and strength are recorded, and never judged. */
export const powerJudgedFrom = 13;
export const strengthJudgedFrom = 18;
