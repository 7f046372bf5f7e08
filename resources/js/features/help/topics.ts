/* One page per task, in plain words. A topic is for the screens that it names: "?" opens it from there. */

export interface Topic {
    id: string;
    title: string;
    /** Names of routes. */
    screens: readonly string[];
    /** What it is about, then the steps, then what else is good to know. */
    about: string;
    steps: readonly string[];
    more?: readonly string[];
    /** A picture of docs/screenshots, without its ending. */
    picture?: string;
}

export const topics: readonly Topic[] = [
    {
        id: 'first-morning',
        title: 'Begin with an empty school',
        screens: ['school', 'set-up'],
        about: 'From nothing to the first walk. The page School shows what is left; the order is yours.',
        steps: [
            'Take a checklist that comes with Pasada. Change its pass marks and figures to those of your state.',
            'Take a vehicle that is most like yours, and give it its own name and figures.',
            'Let in who teaches and examines: each gets a link for a password, to copy or to print.',
            'Make a class with its days, instructors and vehicles.',
            'Add students by name, or bring a list from a spreadsheet.',
            'Start the first walk under New attempt.',
        ],
        more: ['The state’s manual and the examiner come first, whatever a shipped checklist says.'],
        picture: 'school',
    },
    {
        id: 'people',
        title: 'Let people in, and close accounts',
        screens: ['people'],
        about: 'Instructors, examiners and managers, each with one role or more.',
        steps: [
            'Let somebody in: name, address, what they do. A link is shown once, opens once, and says until when.',
            'Link for a password: for somebody who forgot theirs.',
            'Close: when somebody leaves. They are signed out at once; every record still names them.',
        ],
        more: [
            'Whoever has taught a student cannot examine them: 49 CFR 383.75(a)(7).',
            'The only manager cannot be closed. Make somebody else a manager first.',
        ],
    },
    {
        id: 'students',
        title: 'Add students, one or forty',
        screens: ['students', 'roster', 'classes'],
        about: 'By name on the page Students, or with a list (CSV or XLSX) whose first line names the columns.',
        steps: [
            'Choose the file. Say what each column holds where it was not guessed.',
            'Mend what is wrong in the file, line by line as it is told, or leave the line out.',
            'Say of everybody who may be there already whether they are somebody new.',
            'Take them in: all at once, or nobody.',
        ],
        more: ['Who has left is archived on their own page: in no list, and nothing is lost.'],
    },
    {
        id: 'score',
        title: 'Score a walk',
        screens: ['start', 'walk', 'today', 'helper'],
        about: 'One tap or one key for a part that was said whole. Everything is kept on the device first.',
        steps: [
            'New attempt: student, vehicle, checklist, practice or examination.',
            'Tap a part when it is said whole; its digit does the same. Touch the dots for a part said in part.',
            'The full stop goes on to the next place. Undo takes the last mark back.',
            'External lights: tap a function that is called, a lamp that is dark; a helper answers by phone.',
            'Finish, look at the result together, and let both sign.',
        ],
        more: [
            'Without network the walk goes on; it is sent when the network is back. On that screen "?" shows all keys.',
        ],
        picture: 'scoring',
    },
    {
        id: 'sound',
        title: 'Record a walk, hear it again',
        screens: ['words'],
        about: 'The tablet records, this school’s server hears; nothing of it leaves for another network.',
        steps: [
            'Manager: allow it under School. Ask the student; the answer is kept on the student’s page.',
            'Press Record on the scoring screen. What is heard shows as a dotted mark; a tap takes it.',
            'Without network the recording waits on the device and is sent when Pasada is open with one.',
            'On the result: “Hear it” beside an item, or a tap on the strip. Arrow keys go 3 seconds.',
            'A recording of another device: add it under More, Captions of the walk.',
        ],
        more: [
            'Only what you confirm counts. Sound is encrypted, and deleted 90 days after the walk.',
            'A student who no longer agrees takes it back on the same page: the recordings are deleted at once.',
        ],
        picture: 'words',
    },
    {
        id: 'paper',
        title: 'A day without devices: paper out, paper in',
        screens: ['paper'],
        about: 'Print a checklist, score on it by hand, and enter it afterwards by keys alone.',
        steps: [
            'New attempt: choose vehicle, checklist and form, and print it there as an unmarked checklist.',
            'In the yard, tick the whole or single points of each line; write down when the walk began and ended.',
            'Afterwards, enter the sheet: choose the same vehicle, checklist and form, and go down the lines.',
            'A digit marks a point, the space bar the whole, 0 nothing, Enter goes on, the arrows go up and down.',
            'Take the sheet in. It is scored as any walk is, and both can sign it.',
        ],
        more: [
            'On paper nobody notes when each part was said, so nothing is told of order and pace; the record says so.',
        ],
    },
    {
        id: 'result',
        title: 'Read a result, sign it, set it right',
        screens: ['result', 'check'],
        about: 'The verdict with its reasons, and the words to use next time.',
        steps: [
            'First of all: the five things that bring most.',
            'Both sign. What is changed afterwards says so beside the signature, and is signed again.',
            'Amend: change a closed record with a reason. The original stays readable.',
            'Manager: set a record right that was begun with the wrong student, scorer or vehicle, or void it.',
            'Sheet as PDF: the address at its foot tells whether the paper says what the record says.',
        ],
        picture: 'result',
    },
    {
        id: 'brakes',
        title: 'Brake tests, in the truck and without one',
        screens: ['brakes', 'cab'],
        about: 'The brake bench judges what is done and read in the truck; the Air cab is a simulated one.',
        steps: [
            'Chock the wheels and release as your state’s manual says before anything moves.',
            'Bench: tap what the student does and says; which rule each step met or broke stands beside it.',
            'Air cab: work the controls and say the numbers. A hidden fault can be set.',
        ],
        picture: 'brake-bench',
    },
    {
        id: 'ready',
        title: 'Who is ready, and what to practice',
        screens: ['student', 'class', 'scorers'],
        about: 'The chance to pass on the day, with its doubt and its reason, from all walks of the school.',
        steps: [
            'What brings most now: for 10, 20 or 40 minutes.',
            'Record what came of real exams. Only they tell how good the chances are.',
            'Class: who is ready, and what one lesson would bring most.',
        ],
        more: ['A chance is no promise. The examiner decides.'],
        picture: 'class',
    },
    {
        id: 'practice',
        title: 'Practice alone',
        screens: ['practice', 'guide', 'rehearse'],
        about: 'One part after the other, as you stand before it. Say it or type it.',
        steps: [
            'Say all that you know of the part.',
            'See at once what was missing, and say it again. Go on.',
            'Rehearse: choose a place, an axle, a section or all of it, say it as at the vehicle, see what is missing.',
        ],
        more: ['The study guide has the whole walk in words, with your own weak parts marked.'],
        picture: 'practice',
    },
    {
        id: 'week',
        title: 'Plan the week in the yard',
        screens: ['week'],
        about: 'Who walks what with whom and when, by what each walk brings.',
        steps: [
            'Turn off who or what is not there, and close hours.',
            'Propose: what was set by hand stays.',
            'Change a walk and see what that does to the passes to be expected. Keep the week.',
        ],
        picture: 'week',
    },
    {
        id: 'rules',
        title: 'Change a checklist or a vehicle',
        screens: ['library', 'versions', 'draft', 'asked'],
        about: 'In a draft, which changes nothing until the manager puts it in force.',
        steps: [
            'Edit opens a draft. Beside every rule stands why schools set it one way or the other.',
            'The column at the side tells for which recorded walks the change would have mattered.',
            'Put in force, with a reason and a day. Walks of before keep what they were scored by.',
        ],
        picture: 'checklist-draft',
    },
    {
        id: 'account',
        title: 'Your password and a second factor',
        screens: ['account', 'welcome', 'sign-in'],
        about: 'A long password: three or four words that do not belong together are easy to keep in mind.',
        steps: [
            'Change the password: you are signed out everywhere else.',
            'Second factor: read the picture with an authenticator on your phone, and enter the code it shows.',
            'Write the ten codes down. Each serves once, where the phone is lost.',
        ],
        more: ['A code is not taken? Set the clock of the phone by the network.'],
    },
    {
        id: 'records',
        title: 'Take records in from elsewhere',
        screens: ['records'],
        about: 'A JSON file that was taken out of Pasada, here or at another school.',
        steps: [
            'Bring the checklists and vehicles of the records first, in the versions that the records name.',
            'Students, Records from elsewhere: choose the file.',
            'Say of each student in it who that is here: one of yours, somebody new, or left out.',
            'Take them in. What could not be taken in is named with the reason; the rest is here.',
        ],
        more: ['Beginning again does no harm: what is here already stays as it is.'],
    },
    {
        id: 'auditor',
        title: 'When an auditor comes',
        screens: ['trail', 'retention'],
        about: 'Everything that was changed, read, printed or taken out, and by whom.',
        steps: [
            'Who did what: search by a name, a value, a day.',
            'Training record and class register: as PDF, from the student and from the classes.',
            'Take all records out: complete, or as a workbook. From the page School.',
            'How long records are kept: what is due goes only when you confirm it.',
        ],
        more: ['On the server: php artisan pasada:audit --verify finds any line that was changed or is missing.'],
    },
];

/** The topic that a screen is about. */
export const topicOf = (screen: string): Topic | undefined => topics.find(({ screens }) => screens.includes(screen));

/** Topics that hold all the words, anywhere. */
export function found(words: string): readonly Topic[] {
    const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
    return topics.filter(({ title, about, steps, more }) => {
        const text = [title, about, ...steps, ...(more ?? [])].join(' ').toLowerCase();
        return wanted.every((word) => text.includes(word));
    });
}
