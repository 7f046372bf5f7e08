import { useSession } from '@/shared/session/useSession';
import { Unreachable, type Schemas } from '@/shared/api/client';
import type { Device } from '@/shared/outbox/Device';
import { v7 } from 'uuid';
import { startAttempt } from '@/shared/attempt/start';

type Started = Schemas['StartAttemptRequest'];
type Body = Omit<Started, 'id'> & Required<Pick<Started, 'student_id' | 'vehicle_id' | 'checklist_id'>>;

/** Starts a walk with the server, or without it from what was prepared on this device. */
export function useStart(device: Device): {
    begin: (
        body: Body,
        prepared: Schemas['PreparedResource'] | undefined,
        choices: Schemas['ChoicesResource'],
    ) => Promise<string>;
} {
    const { user } = useSession();
    // Made once for this form: pressing Start twice starts once.
    const id = v7();

    async function withoutServer(
        body: Body,
        prepared: Schemas['PreparedResource'] | undefined,
        choices: Schemas['ChoicesResource'],
    ): Promise<void> {
        if (prepared === undefined) {
            throw new Error(
                'There is no network, and this vehicle was not kept on this device before. Choose one that was.',
            );
        }
        if (body.form === 'draw') {
            throw new Error(
                'There is no network to draw a form with. Set the form by hand; it is kept with the record.',
            );
        }
        const startedAt = new Date().toISOString();
        const name = (of: { id: number; name: string }[], wanted: number): string =>
            of.find((one) => one.id === wanted)?.name ?? '';
        await device.keepAttempt({
            card: {
                id,
                student_id: body.student_id,
                student: name(choices.students, body.student_id),
                vehicle_id: body.vehicle_id,
                vehicle: name(choices.vehicles, body.vehicle_id),
                checklist: name(choices.checklists, body.checklist_id),
                scorer_id: user.value?.id ?? 0,
                scorer: user.value?.name ?? '',
                status: 'under_way',
                live: false,
                started_at: startedAt,
                standing: null,
                permille: null,
                duration_ms: null,
                reason: null,
                form: body.form ?? null,
                place: null,
                on_paper: false,
            },
            may_mark: true,
            mode: body.mode ?? 'practice',
            live: false,
            may_record: choices.recorded?.includes(body.student_id) === true,
            ...prepared,
        });
        await device.keepStart({ id, body: { ...body, id, started_at: startedAt } });
    }

    return {
        async begin(body, prepared, choices) {
            try {
                const attempt = await startAttempt({ ...body, id });
                await device.keepAttempt(attempt).catch(() => undefined);
            } catch (error) {
                if (!(error instanceof Unreachable)) throw error;
                await withoutServer(body, prepared, choices);
            }
            return id;
        },
    };
}
