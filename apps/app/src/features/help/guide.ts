// Made of docs/guide.md by scripts/guide.mjs.
/** The guide: headings with their paragraphs. */
export const topics: readonly { id: string; title: string; blocks: readonly string[] }[] = [
  {
    "id": "first-minute",
    "title": "First minute",
    "blocks": [
      "Open the page and sign in, or look around the demo academy. **Today** lists the day's lessons. Each line has the athlete's seam, the verb that is due and the next thing to do; a tap opens just that."
    ]
  },
  {
    "id": "the-seam",
    "title": "The seam",
    "blocks": [
      "A delivery is a line of stitches through its phases. A tight stitch is clean. Loose strands are a flaw: one slight, two clear, three severe. Two small holes are a checkpoint that nobody has looked at, which is not the same as clean."
    ]
  },
  {
    "id": "look",
    "title": "Look",
    "blocks": [
      "Tap *Take a quick look*, then a stitch for what you see; *The rest of this phase is clean* does the others and goes on. Tap a chosen stitch again to take it back. *More to look at here* opens every checkpoint of the phase. *What the body allows* and *Where the ball goes* are there as well. You may stop at any time; what was not tapped stays not looked at.",
      "*Full look* has every checkpoint, each with a figure: what is wrong in clay, what it should be as a dotted line. Where a checkpoint can be measured, *Measure* takes the number and derives the grade; tap another stitch to overrule it, and both are kept. *Note* adds a line. What screens, throws, clips and curves say waits at the top of an open look: take it all, or one by one. *Looks* lists the older ones; *Put right* corrects a grade and keeps the old one.",
      "*Edit details* says when a look was taken (back-dated too), where, from which side, of what, and by whom. A physical screen alone is no look. Two events marked in a clip give a grade where the frame rate allows one."
    ]
  },
  {
    "id": "physical-screen",
    "title": "Physical screen",
    "blocks": [
      "*Start the physical screen* leads through the tests, lead and trail side by the throwing hand. Type each try, read the angle off the (simulated) phone, or use the stopwatch; the better try counts. Say what it was read with: a level reads a tilt and no turn about the vertical. The shoulder arc and the squat are summed by the app from what was read. *Slight, by 2°* is the grade and how far the value lies from the nearest threshold; *borderline* is right on it. A retest after a stretch stands beside the tries and is none of them. What to refer to a licensed clinician stands first in the result. Pain on a test stops that test."
    ]
  },
  {
    "id": "throws",
    "title": "Throws",
    "blocks": [
      "*Chart*: the spot to aim at is marked; tap where each throw went. On a keyboard type a line for each, such as `2 71.5 ha`: low middle spot, 71.5, missed high to the arm side; `x` is a hit. A velocity beyond what can be expected is held for a tap. *What they say* has each figure as a picture and a sentence. *Import* reads a CSV: `date`, and any of `time`, `velocity_mph`, `velocity_kmh`, `effort`, `pitch`, `ball_g`, `kind`, `result`, `side`, `spin_rpm`, `spin_axis`, `break_arm_in` (toward the arm side), `break_up_in`. The zone is drawn as the pitcher or the catcher sees it; your choice is remembered."
    ]
  },
  {
    "id": "clip-bench",
    "title": "Clip bench",
    "blocks": [
      "Open an MP4 or a WebM of the device, or film one; it stays on the device. Step with the arrows, ten frames with Shift; mark events with a tap, or with `e` and the letter beside the name. Each time has its ±, and what the frame rate cannot judge says so. For slow motion say at how many frames a second it was taken. Angle, line and length are drawn by tapping points, which can be dragged; name a drawing and its measure is offered to the next look. *Show it on the profile* puts a marked frame up.",
      "*Track the throws* finds the throw and follows the joints of the body through it, on this device; nothing is uploaded. The tracker is fetched once (13 MB). Where several people are in the picture, tap the one who throws first. A long film is looked at around the frame that is shown. What comes out: events, each with its ±, figures, each with its ±, what this film does not show and why, and grades. Drag an event under the picture, or mark it by hand, and the figures follow. Leave out the grades that you do not believe, then *Offer them to the look*. A grade between two is offered as the lower one. The side of the target is read from the feet; say so where it is wrong. A film that the browser cannot decode says what to set on the phone. *Speeds of pelvis, chest and hand* draws how fast they go forward in the picture's plane; a turn is not seen in it. *Read tracked points* takes the JSON of another tracker, without a film; *Figures as CSV* and *Points as JSON* take along what was found. A phone that stood askew: draw *Ground* over two places of level ground, and the joints are levelled by them.",
      "*Two films side by side* opens two films of this device, of one athlete or of two. Films that know an event in common are lined up at it; others by hand, frame by frame. Both are stepped and played by one clock of true time, however slowly each plays. One over the other the second can be dragged to its place; bodies that were tracked are made equally high.",
      "Once two films of an athlete were offered, *Motions* (here and in Prove) shows both bodies side by side or one over the other, lined up at an event, with every measure of both and whether they differ by more than the error. Another athlete can be set against."
    ]
  },
  {
    "id": "speed-curves",
    "title": "Speed curves",
    "blocks": [
      "A CSV with `time_s` and any of `pelvis`, `trunk`, `glove`, `arm`, `hand` in deg/s, each also as `*_lin` in m/s, which is drawn on a chart of its own; a column that is not used is named. Say when the front foot is down, if you know. Peaks, order, gaps with their ±, gains and evidence come out; keep it and the evidence waits for the next look. `npx wright simulate --as curves` makes files to try.",
      "A TRC file of a motion lab, here or on the clip bench, says more: angles and times in space, separation, and speed curves of hips, shoulders, arm and forearm. Where the names of its markers are not understood, a sheet asks which lies where; where several lie around a joint their middle is taken. The device remembers the sheet for the next file of that lab."
    ]
  },
  {
    "id": "looks-over-time-without-a-screen",
    "title": "Looks over time without a screen",
    "blocks": [
      "`npx wright compare` sets two looks against each other, `npx wright history` says what was kept and what is back again, and `npx wright worth` what clearing a flaw went with over many athletes, with an interval and without claiming a cause."
    ]
  },
  {
    "id": "films-without-a-screen",
    "title": "Films without a screen",
    "blocks": [
      "`npx wright motion` reads the 17 points of a tracked body, frame by frame, or the markers of a lab (TRC with `--discipline` and `--throws`), and says when things happen, how far and how fast, each with its ±, and which grades follow. A film from the side, from the plate or from behind shows different things; what it cannot show is named. `npx wright motion --help` has an example."
    ]
  },
  {
    "id": "profile",
    "title": "Profile",
    "blocks": [
      "Level, teams, days, growth, injuries with who cleared them, whom to call. *From a table* on the roster reads a CSV with `given_name`, `family_name`, `discipline`, `throws`, `birthdate` and more; nothing is taken before you have seen it."
    ]
  },
  {
    "id": "trace",
    "title": "Trace",
    "blocks": [
      "Threads run from cause to effect, as thick as the blame they carry: the thick end is the cause. Green ones start in the lower half, clay ones in the arm, blue ones in the body; squares below are limits of the body, balls are what the ball shows, with their grade. Tap a thread to read it, tap a stitch or a line of the list to light what runs on from it. The list can be read by *Causes*, by *Phases* with the first broken one marked, or in *Words*, which say all that the picture shows; *Earlier* has every trace as it stood, and sets it beside today's.",
      "*How sure*: a thousand looks graded a little differently, and how often the same thing leads. *Too close to call* puts *Look next* on top. *Look next* is one tap: grade the checkpoint and you are back, with the picture changed. A limit leads to its test; *Finish, back to the trace* brings the measure along, to be taken in with a tap. *Test this first* is a limit that nobody tested and that could explain a focus.",
      "Accept the proposed focuses, or pin another and say why. *Strike this link* takes a cause out for this athlete, with a reason; it can be taken up again. *What if* sets findings otherwise and shows what would change; nothing of it is saved. *Body or habit* shows what the limits explain of a flaw; from a third on the body comes first. *In plain words* has two sentences for the athlete, in the athlete's cue voice, and for the parent. *Print* is one page.",
      "*Office, What causes what*: the owner changes weights, adds links and switches them off, each with a reason; what would run in a circle is refused. *Calls* counts how often proposals were overruled, and how either turned out at the next look."
    ]
  },
  {
    "id": "build",
    "title": "Build",
    "blocks": [
      "*Build the plan* makes a ladder for each focus, fitted to the trace or begun from a ladder that the academy kept. The present stage is open; tap another to open it. Take hold of the dots to put drills in order (by keyboard: space, arrows, space); tap a drill for its figure, to lock it, swap it for an easier or harder one, take it out or read it in full. *Add* lists what the stage has besides, and why something may not be given. A ladder that does not reach the delivery, or jumps over what a drill leaves out, says so. *Keep this ladder for others* makes a start for other plans.",
      "While the diary has no lesson, the day of the look and one more count as lessons, and the week says so. What a week misses of its focus comes first, with the rule or the thing that is missing; below a ladder *Have a …* ticks such a thing for the athlete's home and puts the drills in that it brings.",
      "*The coming week* is planned at once: the drills that are worth most within the minutes, the things that are there, the throws and the days of rest. Each day says what it is; the pencil changes that, the plus adds a drill, and a drill is dragged to another day or tapped for its sets. What you put by hand stays when you *Plan it anew*. *What held it back* says why something is not in. Pins that cannot all hold are named, and none of those named can be left out of the quarrel. Throws beyond the day's maximum, days of rest or three days in a row need a typed reason; a league's own maximum goes into the profile and holds where it is stricter. *Games from a calendar file* reads an iCalendar file and lets you choose. After three weeks without throws a build-up comes first. An injury of elbow, shoulder or back, or a surgery, that nobody has cleared allows no throw above 60 % and no constraint drill.",
      "*For … and home* makes a link that opens this one week without signing in, and from it a sheet of paper and a calendar. The address is told once, runs out, and can be taken back.",
      "*Words* holds what the athlete is told by everybody against the plan: type what the team coach says, and what pulls apart is named with the plan's own word. *Office, Words* shows by which words notes are understood; the owner adds and takes out. *Office, Norms* has what counts as usual, row by row, with its source and who changed it. *Office, Planning* settles throws a week, the length of a build-up, the rise that is a warning, and what there is at the academy.",
      "On the roster, *… ready to move up* gathers what the gates propose, to be taken one by one or all at once; *Stay* in a plan asks why and is quiet until there is more work. *Plan several athletes* plans and assigns the weeks of a group, each within their own limits, with days in common where you say so."
    ]
  },
  {
    "id": "drills",
    "title": "Drills",
    "blocks": [
      "Found by name, thread, stage, flaw and what is at hand. Each has its set-up with a figure for either hand, one rep step by step, what good looks like, common mistakes and the way round it, what of the delivery it holds and leaves out, cues in four voices, and its neighbours beside it.",
      "Twenty drills need nothing but a wall, a tape or a phone. A ladder takes one where nothing else that is at hand serves the focus.",
      "*Our own* holds the drills of the academy: write one, or make one from any other (*Write our own from it*), change it, retire it. They go into ladders, weeks, sheets and limits as any other. *Our drills as a file* hands them to another academy, *Drills from a file* shows what a file would bring before anything is kept. What a file must hold is in [drills.schema.json](drills.schema.json)."
    ]
  },
  {
    "id": "without-a-connection",
    "title": "Without a connection",
    "blocks": [
      "Open the app once with a connection; from then on it opens without one, for days, and shows what was read last: the day's lessons with everybody's plan and session, and whoever you opened. Everything can be logged; a line on top says what is not sent, tap it to see each entry. It goes out by itself, in order and once. What the server does not take stays in that list, with why and what to do."
    ]
  },
  {
    "id": "work",
    "title": "Work",
    "blocks": [
      "*Start the session*, say whether anything hurts, and count: Clean on the side of your thumb, Missed on the other (Office\nsays which hand). *Undo* takes back the last tap. Hold Missed, or tap *Why missed?* after it, to say why; the end of the\nsession counts the reasons. The line above shows the set, the rest after it (it beeps; a tap goes on at once) and the effort\nasked, which a tap changes. The pencil notes something with two taps. After the last drill the plus adds another for today.\nIn a throwing drill each rep is a throw; *Velocity* types the figure for the throw just logged. With pain in the elbow or shoulder every throw is locked, in every session and at home: stop and ask a licensed clinician. Only\nan instructor's *Unlock throws*, with who cleared them and why, opens them again; both are kept.\nIn drills that change the surroundings the constraints stand in order: tap what is on, count, *Set done*. Say when *They\nfound a workaround*, and the constraint that blocks it is offered. After two clean sets the one that was added last is taken\naway, and comes back if the next set fails.\nWithout a connection everything goes on; a line says what waits, and it is sent when the connection is back.\n\n**A group.** Whoever has a lesson at the same time and place stands in a row at the top; a tap goes to them, each at their\nown drill. The sign with three heads puts up to six together by hand, for the day.\n\n**A radar line.** In *Velocity*, choose where velocities come from. From then on a reading is the velocity of the rep that\nwas just tapped, or of the one you tap next: no tap more. One that nobody taps for waits as unclaimed and counts nowhere, until\nit is counted or discarded. *Discard reading* takes a reading out; the throw of a counted rep\nstays. What repeats, is slower than any throw, or above 1.3 times the best waits for a tap: keep it, or not a throw. The demo\ndata has a simulated line, always marked as such, with a bat, somebody walking by, missed pitches and a line that drops out.\n*Ladder of efforts* asks for three throws at each effort from easy to as much as the drill allows, and draws the curve as\nthey come in. Below 13 nobody is asked for everything.\n\nA real instrument is made known in Office, *Devices*; its key is shown once. It sends one JSON document for each reading:\n\n```\ncurl http://127.0.0.1:4310/api/readings -H 'Authorization: Bearer KEY' -d '{\"velocity\": 71.4, \"unit\": \"mph\"}'\n```",
      "`unit` is `mph`, `km/h` or `m/s`; `at` (UTC) and `ref` (sent twice, it counts once) may be left out, and so may `spin_rpm`, `spin_axis` (degrees), `break_arm_in` (inches toward the arm side; a minus is the glove side) and `break_up_in`. Up to 200 lines may come at once. Where one line is wrong none is taken, and the answer names line, field and range.",
      "**Levels, sides, spots, cues.** A drill with levels shows them as buttons; each rep is logged at the level that is on, and the gate is that level's. When a level is locked in, the end of the session offers the next one, before the next rung. A drill that is done on each side counts each and calls the change. *Spots* calls one of four targets, in order or at random: after the tap for the rep the lower half asks where the throw went, and one more tap says so; those misses count like charted ones. Tap the cue to change it: the drill's words, or your own, or the athlete's. *Work* shows each cue with the reps that followed it; *Use this one* puts it on the sheet and the page at home.",
      "**The end.** What was done in words, what the gate and the constraints propose, what goes home, the next lesson with two taps, and a line for the parent to copy or hand on."
    ]
  },
  {
    "id": "today-and-the-diary",
    "title": "Today and the diary",
    "blocks": [
      "Today has the lessons in order, and below them who marked pain, who waits for you, who did nothing of a week's work, and who is ready to move up. The dots beside a lesson change a lesson: did not come, rained off, called off (one, or all later ones of its series), moved. If a week was assigned around it, the rest of that week is proposed anew at once: *Take it* or leave it. The diary shows a week; an athlete's *Profile*, *Edit*, puts lessons in, once or weekly. *In your own calendar* makes an address to subscribe to; making another ends the one before."
    ]
  },
  {
    "id": "at-home",
    "title": "At home",
    "blocks": [
      "The link from Build opens the athlete's week, without a connection too once it was open, and can be put on a phone's home screen. Sets are ticked, clean reps counted by those who like to, holds timed, pain marked, pitches of games entered, for whatever team. The instructor sees it at once in *Work*, and all of it counts in the limits. A tick after its day says *late*. Pain in elbow or shoulder locks the throws until an instructor unlocks them by name, with a reason; that day and the next are for easy throws. The gate counts sessions alone."
    ]
  },
  {
    "id": "prove",
    "title": "Prove",
    "blocks": [
      "**Time.** The first line says whether the usual velocity really changed: the change beside the smallest one that counts as real. *Over time* puts everything on one axis: usual and top of each session with the trend and a target, and below it plan stages, looks, screens, breaks and injuries, camps, height and weight, throws per week and work at home. Drag it, pinch it, turn the wheel once it was tapped, or use the arrow keys, plus, minus and Home. Tap a day to read everything of it; on a phone *Lanes* says which are open.",
      "**Delivery.** *Did it stay?* says what was kept and what is back again. A flaw that is back again opens its last ladder with one tap, a rung below where it ended. After three weeks away *Take a short look* asks for what had been kept and nothing else. *Before and after* sets any two looks against each other: both seams, both as moving figures, kept frames of the same event, figures that were measured both times with their error, and every checkpoint phase by phase. *What moved when* shows the grades of each checkpoint by day.",
      "**Practice.** Whether what is clean in a drill is clean in the delivery too, how far each drill is learned, what was done at home of what was assigned, and the body with it: screens beside the flaws they can explain, jump power beside velocity, growth (a note that *Planning* in the office turns off).",
      "**Send.** *Send to the family* makes a link with two sentences, the velocity and both seams as they stand now; flaws are named only if you say so. The same on two pages as PDF, and everything as CSV.",
      "**Progress** (on the roster) does it for everybody over a span: who moved, who did not, who was not measured, with what was done at home, as a table too; and *What it was worth*: how much faster those became who cleared a flaw, against those who did not. That proves no cause."
    ]
  },
  {
    "id": "camps",
    "title": "Camps",
    "blocks": [
      "*New camp* begins with mornings of six stations, with nothing, or with a copy of a camp. A camp has five parts.",
      "**Setup.** Days and their blocks, areas and what they hold, stations (their drills say what they work on; equipment, throws in a visit, who can lead them), staff with skills and hours, accounts of helpers who see this camp alone and only on its days, and the rules: routes of their own or groups that rotate, years apart at a station, athletes for each adult. What stops a plan stands on top, with what clashes.",
      "**Athletes.** From the roster, from a table, or signed up behind a link. Each has when they come and go, where they may not be, and whom they are kept together with or apart from. What somebody needs comes from the newest look; who has none is triaged at check-in.",
      "**Plan.** First whoever is served least is served as well as can be, then as much need as possible is met; how close that is to the best possible is proven. Throws are held against each one's limits, with lessons, games and home. Tap or drag an athlete to another station, or a station onto another one to swap them: every rule answers at once, and nothing is saved that breaks one. *Pin here* holds through planning again. Each change can be undone. Sheets, lists, schedules and labels are printed below.",
      "**Day.** It follows the clock. *Check-in* says who is here, late, or picked up and by whom, asks for pain, and has the triage: eight checkpoints and a velocity. *Not here* and *Plan without* are a no-show; *Rain* and *A coach is away* are two taps. As few as possible move, and the board shows who. At a station a group is logged down the list: velocity, clean or missed, a note; the radar line gives each reading to the head of the queue. Two may log one group without a connection: nothing is lost, nothing is there twice. Check-in, board and groups go on without a connection once they were open; planning anew needs one.",
      "**After.** First day against last day, each by the smallest real change, and the group with its interval; report cards as one PDF or one behind a link; plans for home from each one's focus in one go; tables; the archive."
    ]
  },
  {
    "id": "keys-at-a-table",
    "title": "Keys, at a table",
    "blocks": [
      "On the clip bench `←` `→` go one frame, with Shift ten; `e` and a letter mark an event. `/` search, `g` then `t` `r` `d` `c` `o` for the places, `1` to `5` for the verbs, `?` for the list."
    ]
  }
];
