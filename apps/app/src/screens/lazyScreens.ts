/**
 * Every screen that is not the first one. They come as one part, fetched while the first screen stands idle; a part
 * for each would put whatever two of them share back into the first script.
 */
export { AddAthlete } from '../features/athletes/AddAthlete';
export { AthleteFrame } from '../features/athletes/AthleteFrame';
export { AthleteHome } from '../features/athletes/AthleteHome';
export { EditAthlete } from '../features/athletes/EditAthlete';
export { Moves } from '../features/athletes/Moves';
export { AthleteProfile } from '../features/athletes/AthleteProfile';
export { RosterImport } from '../features/athletes/RosterImport';
export { Roster } from '../features/athletes/Roster';
export { Build } from '../features/build/Build';
export { ManyWeeks } from '../features/build/group/ManyWeeks';
export { Diary } from '../features/diary/Diary';
export { LessonScreen } from '../features/diary/LessonScreen';
export { Drills } from '../features/drills/Drills';
export { Look } from '../features/look/Look';
export { ClipBench } from '../features/look/clip/ClipBench';
export { Curves } from '../features/look/curves/Curves';
export { PhysicalScreen } from '../features/look/screen/PhysicalScreen';
export { Throws } from '../features/look/throws/Throws';
export { Devices } from '../features/office/Devices';
export { Lexicon } from '../features/office/Lexicon';
export { Links } from '../features/office/Links';
export { Norms } from '../features/office/Norms';
export { Office } from '../features/office/Office';
export { Planning } from '../features/office/Planning';
export { Prove } from '../features/prove/Prove';
export { SharedWeek } from '../features/shared/SharedWeek';
export { DayAsks } from '../features/today/DayAsks';
export { Sheet } from '../features/trace/Sheet';
export { TraceScreen } from '../features/trace/TraceScreen';
export { Session } from '../features/work/Session';
export { Work } from '../features/work/Work';
export { Unsent } from '../features/unsent/Unsent';
export { FreshVersion } from '../ui/Notice/FreshVersion';
export { Keys } from '../ui/Keys/Keys';
export { ChangeFeed } from '../ui/ChangeFeed/ChangeFeed';
export { NotHere } from '../ui/Screen/NotHere';
