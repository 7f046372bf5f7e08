import { useSession } from '@/shared/session/useSession';
import { useLocalStorage, type RemovableRef } from '@vueuse/core';

/** What cannot be read any more, as of an older page, is nothing. */
const read = <T>(text: string): T | null => {
    try {
        return JSON.parse(text) as T | null;
    } catch {
        return null;
    }
};

/** Something of whoever is signed in that this device keeps; another user of the same tablet has their own. */
export const useKept = <T>(name: string): RemovableRef<T | null> =>
    useLocalStorage<T | null>(`pasada-${name}-${useSession().user.value?.id ?? 0}`, null, {
        serializer: { read: (text) => read<T>(text), write: (value) => JSON.stringify(value) },
    });
