// Made of docs/guide.md by scripts/guide.mjs.
/** The guide: headings with their paragraphs. */
export const topics: readonly { id: string; title: string; blocks: readonly string[] }[] = [
  {
    "id": "first-minute",
    "title": "First minute",
    "blocks": [
      "Open the page and sign in, or look around the demo academy. *Today* lists the day's lessons. Each line shows the athlete's seam, the verb that is due and the next thing to do. Tap a line to go straight there.",
      "In the demo, *Five-step tour* walks through Look, Trace, Build, Work and Prove on a real athlete. *Read the seam* explains the picture in three taps."
    ]
  },
  {
    "id": "the-seam",
    "title": "The seam",
    "blocks": [
      "A delivery is drawn as a line of stitches through its phases. A tight stitch is clean. Loose strands are a flaw: one strand is slight, two are obvious, three are severe. Two small holes are a checkpoint that nobody has looked at, which is not the same as clean."
    ]
  },
  {
    "id": "look",
    "title": "Look",
    "blocks": [
      "Tap *Quick look*, then tap a stitch for what you see. *All 5 are clean* or *The other 3 are clean* grades the rest of the phase and moves on. Tap a grade again to remove it. *Show more here* opens every checkpoint of the phase. *What the body allows* and *Where the ball goes* are under *Also check*. You can stop at any time; what you did not tap stays not looked at.",
      "*Full look* has every checkpoint with a figure: the flaw in clay, the sound posture as a dotted line. On a wide screen each phase is a column. Arrow keys move between checkpoints, and 0 to 3 grade them.",
      "Where a checkpoint can be measured, *Measure* takes the number and works out the grade. Tap another grade to overrule it; both are kept. *Note* adds a line. Results of screens, throws, clips and curves wait at the top of an open look. *Apply all to this look* takes them in.",
      "*Looks* lists the older ones. *Correct* changes a grade and keeps the old one in the history. *Edit details* says when a look was taken, where, from which side and by whom. A physical screen alone is not a look."
    ]
  },
  {
    "id": "physical-screen",
    "title": "Physical screen",
    "blocks": [
      "*Start the physical screen* leads through the tests, lead side and trail side by the throwing hand. Type each try, read the angle from the phone, or use the stopwatch. The better try counts and both are kept. Say what you read it with: a level reads a tilt but not a turn about the vertical. The app adds up the shoulder arc and works out the squat.",
      "*Slight, by 2°* is the grade and the distance to the nearest threshold. *Borderline* is right on it. A retest after a stretch is shown beside the tries and does not count as one. Referrals to a licensed clinician come first in the results. Pain on a test stops that test.",
      "*Apply 10 results* puts the results on the newest look, so no new look is needed."
    ]
  },
  {
    "id": "throws",
    "title": "Throws",
    "blocks": [
      "*Chart*: tap the spot to aim at, then tap where each throw went. With a keyboard, type one line per throw: `2 71.5 ha` is the low middle spot, 71.5 mph, missed high to the arm side; `x` is a hit. A velocity that cannot be expected is held for a tap.",
      "*What they say* shows each figure as a picture and a sentence. Five throws with the same effort, pitch and ball are needed. *Import* reads a CSV with `date` and any of `time`, `velocity_mph`, `velocity_kmh`, `effort`, `pitch`, `ball_g`, `kind`, `result`, `side`, `spin_rpm`, `spin_axis`, `break_arm_in` and `break_up_in`. Choose under *Office, You* whether you see the zone as the pitcher or the catcher does."
    ]
  },
  {
    "id": "clip-bench",
    "title": "Clip bench",
    "blocks": [
      "Open an MP4 or WebM, or film one. The clip stays on your device. Step with the arrow keys, ten frames with Shift. Mark events with a tap, or press `e` and the letter. Every time has its ±, and the app says what the frame rate cannot judge. For slow motion, say how many frames a second it was taken at.",
      "Draw an angle, a line or a length by tapping its points; drag a point to move it. Name a drawing and its measure is offered to the next look. *Show it on the profile* puts up a marked frame.",
      "*Track the throws* finds the throw and follows the joints through it on your device. The tracker is downloaded once (13 MB). If several people are in the picture, tap the one who throws. You get events, angles and times, each with its ±, and grades. Leave out the grades you do not believe, then *Offer them to the look*. A grade between two is offered as the lower one.",
      "*Two films side by side* compares two films, of one athlete or two. Films with a common event are lined up there; others by hand. A tracked body can stand in for the second film. *Figures as CSV* and *Points as JSON* export what was found."
    ]
  },
  {
    "id": "speed-curves",
    "title": "Speed curves",
    "blocks": [
      "Open a CSV with `time_s` and any of `pelvis`, `trunk`, `glove`, `arm`, `hand` in degrees a second, or the markers of a motion lab (TRC). Enter when the front foot is down, if you know. The app shows peaks, their order, the gaps with their ±, and the evidence. *Save and offer to the next look* keeps it.",
      "If the marker names of a lab are not known, a sheet asks which marker is where. The academy remembers the answer for the next file of that lab, on every device."
    ]
  },
  {
    "id": "roster-and-profile",
    "title": "Roster and profile",
    "blocks": [
      "On a phone the roster is a list; on a wide screen there is also a table that sorts and filters by focus, stage, last visit, velocity, pain and home work.",
      "*Add athlete* asks for name, birthdate, throwing hand, discipline and days. Everything else is under *More about the athlete* and can wait. The app tells you when someone with that name is on the roster already. A photo is made small on your device, stays in your academy and is never shown by a link.",
      "The profile holds level, teams, days, growth, injuries with who cleared them, and emergency contacts. *Import roster* reads a CSV with `given_name`, `family_name`, `discipline`, `throws`, `birthdate` and more. Nothing is imported before you have seen it.",
      "*Athletes are ready to move up* collects the stage changes that are due. *Plan several athletes* plans and assigns the weeks of a group, each within their own limits."
    ]
  },
  {
    "id": "trace",
    "title": "Trace",
    "blocks": [
      "The card at the top is the verdict: what to work on, why, and how sure it is. Tap the word (*Sure*, *Fairly sure*, *Too close to call*) for the figures. *Accept* it, or tap the pin to choose another focus and say why.",
      "*What would settle it* lists what nobody has looked at and could change the verdict. Tap one, grade it, and the verdict changes. A limit leads to its test and back.",
      "In the picture, threads run from a cause, thick, to its effect, thin. Green threads start in the lower half, clay ones in the arm, blue ones in the body. Squares are limits of the body, balls are what the ball shows. Tap a thread or a stitch to read it.",
      "The tabs below show the picture by *Causes*, by *Phases*, in *Words* for the athlete and the parent, *Earlier* traces, and *Doubts*: whether a flaw is a habit or a body that cannot get there yet, and which links you struck.",
      "*What if* changes grades for a trial; nothing of it is saved. *Strike this link* removes a cause for this athlete, with a reason, and can be undone. *Print* makes one page."
    ]
  },
  {
    "id": "build",
    "title": "Build",
    "blocks": [
      "*Build the plan* makes a ladder of drills for each focus. The week comes first: a strip of seven days, a dot for a day off, the number of drills for the others. Tap a day to open it.",
      "The week is planned by the solver: the drills that are worth most within the minutes, equipment, throws and rest days. The pencil changes a day, the plus adds a drill, and a drill can be dragged to another day. What you place by hand stays when you *Re-plan*. *What limited it* says why something is not in the week. Throws beyond the limits need a typed reason. *Games from a calendar file* reads an iCalendar file. Until the diary has a lesson, two days are planned as lessons, and the week says so.",
      "*Assign the week*, then *Share with* the athlete: a message to copy, a code to scan, a sheet to print and a calendar. The page says what to do in plain words; switch it to *Names of flaws* if you want them.",
      "Each ladder shows the current stage; *Show all stages* opens the rest. If something is missing at home, the ladder says which drills are left out and *Add a mirror* adds it. Drag drills into order, or tap one to lock it, swap it for an easier or harder one, or remove it. *Save as a template* keeps a ladder for other plans.",
      "*Words* compares what everyone tells the athlete. Type what the team coach says, and conflicting instructions are shown with the plan's own cue."
    ]
  },
  {
    "id": "work",
    "title": "Work",
    "blocks": [
      "*Start the session*, answer whether anything hurts, and count: *Clean* on the side of your thumb, *Missed* on the other. Warm-ups have one area, *Done*. *Undo* removes the last tap. Hold *Missed* to say why.\n\nBelow the cue is one strip: the set, the rest after it, the effort, the newest velocity and the throws of today. Throws are counted once: *7 thrown (count as 3.5)* means seven easy throws.\n\nIn a drill with constraints, tap the constraint to change it, count, then *Set done*. After two clean sets the app offers to remove the newest one. If they find a workaround, say which, and the app offers the constraint that blocks it.\n\nIn a throwing drill every rep is a throw. The gauge types a velocity or chooses a radar line. The target calls spots: after each rep the lower half asks where the throw went. *Ladder of efforts* asks for three throws at each effort.\n\n**A group.** Athletes with a lesson at the same time and place are in a row at the top. The sign with three heads puts up to six together by hand.\n\n**A radar line.** Once chosen, a reading belongs to the rep you just tapped or tap next. One that nobody claims counts nowhere until you count or discard it. The demo has a simulated line, always marked as such. A real device is added under *Office, Devices* and sends one JSON document per reading:\n\n```\ncurl http://127.0.0.1:4310/api/readings -H 'Authorization: Bearer KEY' -d '{\"velocity\": 71.4, \"unit\": \"mph\"}'\n```",
      "`unit` is `mph`, `km/h` or `m/s`. Optional: `at` (UTC), `ref` (sent twice it counts once), `spin_rpm`, `spin_axis`, `break_arm_in` and `break_up_in`. Up to 200 lines can be sent at once; if one is wrong, none is taken.",
      "**The end.** Three lines: what went well, the next step, the next lesson. Then the text for the parent in whole sentences. After pain there is only that, a note and *End session*. With pain in the elbow or shoulder every throw is locked until an instructor unlocks them with a name and a reason. Ask a licensed clinician."
    ]
  },
  {
    "id": "today-and-the-diary",
    "title": "Today and the diary",
    "blocks": [
      "Today lists the lessons, who marked pain, who is waiting for you, who did nothing this week and who is ready to move up.",
      "The diary shows a day below a strip of the week; on a wide screen the whole week by place. *Add lesson* adds one or a weekly series. Tap a lesson, then *Move lesson*, then a day that says *free*. On a wide screen drag a lesson to another day or place; conflicts are shown before it is moved. *Rain off* cancels a day and can be undone. The list at the bottom shows who has no lesson this week.",
      "If a week was planned around a lesson that changes, the rest of the week is planned again for you to assign. *In your own calendar* makes an address to subscribe to."
    ]
  },
  {
    "id": "at-home",
    "title": "At home",
    "blocks": [
      "The link opens the athlete's week without signing in, works without a connection and can be put on a home screen. Sets are ticked, holds timed, pain marked and game pitches entered. Everything counts in the limits, and you see it at once in *Work*. A tick after its day says *late*.",
      "Pain in the elbow or shoulder locks the throws until you unlock them; that day and the next are for easy throws. Only sessions count for moving up."
    ]
  },
  {
    "id": "prove",
    "title": "Prove",
    "blocks": [
      "**Time.** The first line says whether velocity really changed, with the smallest change that counts as real. *Over time* shows usual and top velocity with the trend and a target, and below it stages, looks, the checkpoints that changed most, screens, breaks, camps, growth, throws and home work. Drag it, pinch it, use the wheel or the arrow keys. Tap a day to read it.",
      "**Delivery.** *Did it stay?* says what was kept and what is back again. A flaw that is back reopens its ladder with one tap. After three weeks away, *Take a short look* checks what had been kept. *Before and after* compares any two looks. *What moved when* shows each checkpoint by day.",
      "**Practice.** Whether a clean drill reaches the delivery, what is locked in, what was done at home, and the body with it.",
      "**Send.** *Send to the family* makes a page with two sentences, the velocity and both seams. Flaws are named only if you choose so. The same as a two-page PDF, and everything as CSV.",
      "*Progress* on the roster compares everyone over a span, with home work. *What it was worth* compares athletes who cleared a flaw with those who did not. That is no proof of cause."
    ]
  },
  {
    "id": "drills",
    "title": "Drills",
    "blocks": [
      "Find drills by name, thread, stage, flaw and equipment. Each drill has its set-up, one rep step by step, what good looks like, common mistakes, what it holds and leaves out of the delivery, cues in four voices, and the easier and harder drill beside it.",
      "*Our own* holds your academy's drills. Write one, or *Make our own version* of any other. *Export our drills* hands them to another academy, and *Import drills* shows what a file would bring before anything is saved. The format is in drills.schema.json."
    ]
  },
  {
    "id": "camps",
    "title": "Camps",
    "blocks": [
      "*New camp* starts with mornings of six stations, with nothing, or with a copy of another camp. A camp has five parts.",
      "**Setup.** Days and blocks, areas, stations with their drills and equipment, staff with skills and hours, helper accounts, and the rules. *Fix before planning* lists what stops a plan.",
      "**Athletes.** From the roster, from a CSV, or signed up through a link. Each has arrival, departure, where they cannot be, and whom they are kept with or apart from. Needs come from the newest look; without one, triage at check-in.",
      "**Plan.** The athlete served least comes first, then as much need as possible is met. The plan says how close it is to the best possible. Drag an athlete to another station, or a station onto another to swap them. Nothing that breaks a rule can be saved. Every change can be undone.",
      "**Day.** It follows the clock. *Check-in* says who is here and asks for pain. *Plan without* handles a no-show; *Rain* and *A coach is away* take two taps. As few athletes as possible move, and the board shows who. At a station log velocity, clean or missed and a note down the list. Check-in, board and stations work without a connection; planning needs one.",
      "**After.** First day against last day, report cards, plans for home, tables, the archive."
    ]
  },
  {
    "id": "office",
    "title": "Office",
    "blocks": [
      "*You* holds your hand, units, dates and hours. *Your approach* says what you teach. *Causes and effects* holds the links behind every trace; the owner changes weights, adds links and switches them off, each with a reason. *Planning* sets throws a week, build-up and equipment. *Words* shows how notes are understood. *Norms* holds what counts as usual, with its source. *Devices* holds radar lines. *Calls* counts how your choices turned out.",
      "*Account* changes your password, shows where you are signed in, and adds a second factor: six digits of an authenticator app beside the password. Keep the recovery codes on paper.",
      "*People* (owner) invites by a link that works once and for seven days, changes roles, hands lessons over and deactivates whoever leaves: they are out at once, and what they wrote down stays. *What each role may do* lists it all. Assistants see neither guardians' contacts nor injuries. *Mail* shows what went out; without a mail server it shows what would have gone out, marked as simulated.",
      "*Archive* saves the whole academy, or brings in an athlete from another one; you see what comes before anything is kept. It also saves athletes, throws, reps, looks and screens as tables for a spreadsheet. One athlete is saved in the *Profile*, with a report to read.",
      "*Archived and deleted*: an archived athlete is out of the lists and kept. A deletion is asked for in the profile, confirmed by a second person, and done after 14 days; until then *Keep* takes it back. It removes the person everywhere, on phones at their next contact too; counts stay without a name. The owner may have athletes without contact for years proposed. *Who did what* keeps for a year who opened, changed, saved and cleared what, and who signed in."
    ]
  },
  {
    "id": "without-a-connection",
    "title": "Without a connection",
    "blocks": [
      "Open the app once with a connection. From then on it opens without one and shows what was read last: the day's lessons with every plan, and the athletes you opened. You can log everything. The line at the top says what has not been sent; tap it to see each entry. Entries are sent by themselves, in order and once. If the server does not accept one, it stays in the list with the reason and what to do."
    ]
  },
  {
    "id": "from-a-command-line",
    "title": "From a command line",
    "blocks": [
      "`npx wright compare` compares two looks, `npx wright history` says what was kept and what is back again, `npx wright worth` says what clearing a flaw went with. `npx wright motion` reads tracked points or lab markers. `npx wright simulate --as curves` makes files to try. Each command explains itself with `--help`."
    ]
  },
  {
    "id": "keys",
    "title": "Keys",
    "blocks": [
      "`/` searches the roster. `g` then `t` `r` `d` `c` `o` goes to a place. `1` to `5` open the verbs. In a look, arrow keys move and `0` to `3` grade. On the clip bench `←` `→` step one frame, with Shift ten; `e` and a letter mark an event. `?` lists them all."
    ]
  }
];
