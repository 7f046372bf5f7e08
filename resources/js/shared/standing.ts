import type { Schemas } from '@/shared/api/client';

type Standing = Schemas['SheetResource']['standing'];

/** Words of a verdict, and the colour that goes with them. */
export const standings: Record<Standing, { word: string; token: string }> = {
    passed: { word: 'Passed', token: '--strong' },
    open: { word: 'Not yet decided', token: '--quiet' },
    failed: { word: 'Not passed', token: '--lost' },
};
