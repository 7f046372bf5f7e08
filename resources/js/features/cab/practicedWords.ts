import type { Practiced } from './api';

type Judged = Pick<Practiced, 'standing' | 'cause' | 'diagnosis' | 'steps'>;
type Step = Practiced['steps'][number];

/** What went wrong by the student; what the truck does wrong is nothing that the student broke. */
const isSlip = ({ outcome, what, of_vehicle: ofVehicle }: Step): boolean =>
    (outcome === 'broken' && !ofVehicle) || (outcome === 'not-done' && what !== 'not done');

export function titleOf({ standing, cause, diagnosis }: Judged): string {
    if (diagnosis?.found === true) return 'You found what was wrong with this truck';
    if (standing === 'passed') return diagnosis === null ? 'Every step is met' : 'Every step was done right';
    return cause ?? 'Not all steps were done';
}

export function truckOf({ diagnosis }: Judged): string {
    if (diagnosis === null) return 'The truck had no defect.';
    const { fault, found, suspected } = diagnosis;
    if (found === true) return `It was this: ${fault}.`;
    if (found === null || suspected === null) return `What was wrong with this truck: ${fault}.`;
    return `You said that ${suspected}; what was wrong: ${fault}.`;
}

/** How many steps were done right: those that are met, and those that showed the fault. */
export const doneRight = ({ steps }: Judged): number =>
    steps.filter(({ outcome, of_vehicle: ofVehicle }) => outcome === 'met' || ofVehicle).length;

/** One thing for the next time: first a slip, then what was left out, unless the fault was found and ended it there. */
export function nextTime({ steps, diagnosis }: Judged): Step | undefined {
    const left =
        diagnosis?.found === true ? undefined : steps.find((step) => step.outcome !== 'met' && !step.of_vehicle);
    return steps.find(isSlip) ?? left;
}
