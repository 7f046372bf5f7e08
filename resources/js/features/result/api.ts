import { answer, api, type Schemas } from '@/shared/api/client';

export type Result = Schemas['ResultResource'];

export const readResult = (id: string): Promise<Result> =>
    answer(api.GET('/attempts/{attempt}/result', { params: { path: { attempt: id } } }));

export const rescore = (id: string, checklist: number): Promise<Schemas['RescoreResource']> =>
    answer(
        api.GET('/attempts/{attempt}/what-if', {
            params: { path: { attempt: id }, query: { checklist_id: checklist } },
        }),
    );

const at = (id: string): { params: { path: { attempt: string } } } => ({ params: { path: { attempt: id } } });

export const readAgreement = (id: string): Promise<Schemas['AgreementResource'][]> =>
    answer(api.GET('/attempts/{attempt}/agreement', at(id)));

export const sign = (id: string, body: Schemas['SignRequest']): Promise<Schemas['SignatureResource']> =>
    answer(api.POST('/attempts/{attempt}/signatures', { ...at(id), body }));

export const amend = (id: string, body: Schemas['AmendRequest']): Promise<Schemas['SheetResource']> =>
    answer(api.POST('/attempts/{attempt}/amendments', { ...at(id), body }));
