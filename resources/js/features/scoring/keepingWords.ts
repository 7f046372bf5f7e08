import type { OutboxState } from '@/shared/outbox/Outbox';

/** Where the marks are, in a few words. */
export function keepingWords(sending: OutboxState): { word: string; tone: 'fine' | 'part' | 'lost' } {
    switch (sending.state) {
        case 'sent':
            return { word: 'all sent', tone: 'fine' };
        case 'sending':
            return { word: `sending ${sending.waiting}`, tone: 'fine' };
        case 'kept':
            return { word: `${sending.waiting} kept here, no server`, tone: 'part' };
        case 'signed_out':
            return { word: `${sending.waiting} kept here, signed out`, tone: 'part' };
        case 'refused':
            return { word: `${sending.waiting} kept here, refused`, tone: 'lost' };
        case 'unkept':
            return { word: 'this device keeps nothing', tone: 'lost' };
    }
}
