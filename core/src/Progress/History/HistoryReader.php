<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\History;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads what students earned in the past (schemas/history.schema.json). */
final readonly class HistoryReader
{
    private const SECONDS_OF_DAY = 86_400;

    private const MOST_ITEMS = 1000;

    /** Longer ago is a slip of the pen: nobody's attempts are from before the licence was. */
    private const FIRST_YEAR = 1990;

    /**
     * @param  list<string>  $items  ids of those that the checklist asks
     *
     * @throws DocumentHasFaults with every fault of the text and its path
     */
    public function read(string $json, array $items, string $name = 'history'): History
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('$schema', 'checklist', 'vehicle', 'students');
        $known = array_flip($items);
        $students = $unknown = $seen = [];
        foreach ($root->nodesOr('students') as $node) {
            $node->only('id', 'exam_on', 'attempts');
            $id = $node->string('id');
            if (isset($seen[$id])) {
                $node->child('id')->fault(sprintf('"%s" is listed twice; put all attempts of a student together', $id));
            }
            $seen[$id] = true;
            $attempts = [];
            foreach ($node->nodesOr('attempts') as $attempt) {
                $attempts[] = $this->attempt($attempt, $known, $unknown);
            }
            $students[] = new PastStudent($id, $node->has('exam_on') ? $this->day($node, 'exam_on') : null, $attempts);
        }
        $faults->stopIfAny($name);

        return new History($students, array_map(strval(...), array_keys($unknown)));
    }

    /**
     * @param  array<string, int>  $known
     * @param  array<string, true>  $unknown  items that the checklist does not ask, by reference
     */
    private function attempt(Node $node, array $known, array &$unknown): PastAttempt
    {
        $node->only('at', 'scorer', 'form', 'earned', 'seconds', 'out_of_place');
        $earned = [];
        foreach ($node->entries('earned') as $item => $entry) {
            $value = $entry->raw();
            if (! is_int($value) || $value < 0 || $value > 1000) {
                $entry->fault('asks for thousandths of the item\'s worth, a whole number from 0 to 1000');

                continue;
            }
            if (! isset($known[$item])) {
                $unknown[$item] = true;
            }
            $earned[$item] = $value;
        }

        return new PastAttempt(
            $this->day($node, 'at'), $node->stringOr('scorer', ''), $earned,
            $node->has('seconds') ? (float) $node->int('seconds', 0, self::SECONDS_OF_DAY) : null,
            $node->has('out_of_place') ? $node->int('out_of_place', 0, self::MOST_ITEMS) : null,
        );
    }

    /** Days since 1970 of a date, or of a time with its fraction. */
    private function day(Node $node, string $key): float
    {
        $text = $node->string($key);
        $pattern = '/^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d)(?::(\d\d)(?:\.\d+)?)?(Z|[+-]\d\d:\d\d))?$/D';
        if (preg_match($pattern, $text, $is) !== 1 || ! checkdate((int) $is[2], (int) $is[3], (int) $is[1])) {
            if ($text !== '') {
                $node->child($key)->fault(
                    sprintf('"%s" is no date; write it as 2026-12-01 or 2026-12-01T14:00:00Z', $text),
                );
            }

            return 0.0;
        }
        if ((int) $is[1] < self::FIRST_YEAR) {
            $node->child($key)->fault(sprintf('lies before %d; check the year', self::FIRST_YEAR));
        }
        $midnight = gmmktime(0, 0, 0, (int) $is[2], (int) $is[3], (int) $is[1]);
        $seconds = (int) ($is[4] ?? 0) * 3600 + (int) ($is[5] ?? 0) * 60 + (int) ($is[6] ?? 0);
        $zone = $is[7] ?? 'Z';
        if ($zone !== 'Z') {
            $ahead = (int) substr($zone, 1, 2) * 3600 + (int) substr($zone, 4, 2) * 60;
            $seconds -= $zone[0] === '-' ? -$ahead : $ahead;
        }

        return ((int) $midnight + $seconds) / self::SECONDS_OF_DAY;
    }
}
