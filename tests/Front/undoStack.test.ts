import { useUndoStack } from '@/shared/attempt/undoStack';
import { expect, it } from 'vitest';

const action = (label: string): { label: string; marks: string[] } => ({ label, marks: [label] });

it('takes actions back from the last and gives them again', () => {
    const stack = useUndoStack('a');
    stack.push(action('one'));
    stack.push(action('two'));
    const two = stack.pop();
    expect([two?.label, stack.last.value?.label]).toEqual(['two', 'one']);
    stack.undid(action('two'), ['u']);
    expect(stack.next.value?.label).toBe('two');
    expect(stack.redo()).toEqual({ action: action('two'), undos: ['u'] });
    expect([stack.last.value?.label, stack.next.value]).toEqual(['two', undefined]);
});

it('has nothing to give again once something new was done', () => {
    const stack = useUndoStack('b');
    stack.undid(action('old'), ['u']);
    stack.push(action('new'));
    expect([stack.redo(), stack.last.value?.label]).toEqual([undefined, 'new']);
});

it('has nothing to take back where nothing was done', () => {
    const stack = useUndoStack('c');
    expect([stack.pop(), stack.redo(), stack.last.value]).toEqual([undefined, undefined, undefined]);
});

it('remembers more than ten actions, and not without end', () => {
    const stack = useUndoStack('d');
    for (let n = 0; n < 80; n++) stack.push(action(`${n}`));
    let taken = 0;
    while (stack.pop() !== undefined) taken++;
    expect(taken).toBe(50);
});
