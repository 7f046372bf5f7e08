import type { OutboxState } from '@/shared/outbox/Outbox';

/** What is in the way of sending, and what a tap can do about it. */
export interface Trouble {
    text: string;
    act?: string;
}

/**
 * Undefined while all is well. What keeps marks from being sent comes first; then what is odd about the device.
 *
 * @param jumpedMinutes by which the device's clock was moved; 0 if it was not
 * @param elsewhere whether the walk is open in another tab
 */
export function sendingTrouble(sending: OutboxState, jumpedMinutes: number, elsewhere: boolean): Trouble | undefined {
    switch (sending.state) {
        case 'kept':
            return {
                text: 'The server does not answer. Go on marking: all is kept on this device and sent when it is back.',
                act: 'Try now',
            };
        case 'signed_out':
            return {
                text: 'You were signed out. Go on marking, or sign in again to send what is kept.',
                act: 'Sign in',
            };
        case 'refused':
            return {
                text: `The server does not take these marks: ${sending.why} They stay on this device.`,
                act: 'Try again',
            };
        case 'unkept':
            return {
                text: `This device cannot keep marks (${sending.why}). Free some storage, or go on with paper for now.`,
                act: 'Try again',
            };
        case 'sent':
        case 'sending':
            break;
    }
    if (jumpedMinutes !== 0)
        return {
            text:
                `The clock of this device was moved by ${Math.abs(jumpedMinutes)} minutes. ` +
                'The time of the walk runs on as before; set the device right before the next one.',
        };
    return elsewhere
        ? {
              text:
                  'This walk is open in another tab of this device, too. ' +
                  'Both show the same marks; close one to keep clear of double taps.',
          }
        : undefined;
}
