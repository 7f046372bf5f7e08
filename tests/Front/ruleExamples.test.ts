import { expect, it } from 'vitest';
import { ruleExamples } from '@/features/library/checklist/ruleExamples';
import { brakeQuestions, questions } from '@/features/library/checklist/ruleQuestions';

it('has an example of a walk for every rule, and for no other', () => {
    const paths = [...questions, ...brakeQuestions([])].map(({ path }) => path.join('/'));
    expect(Object.keys(ruleExamples).sort()).toEqual(paths.sort());
});
