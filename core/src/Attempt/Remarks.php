<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\RemarkPayload;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** What was noted, flagged for the debrief, and told too late to count. Lives for one replay. */
final class Remarks
{
    /** @var list<Remark> */
    private array $notes = [];

    /** @var list<Remark> */
    private array $flags = [];

    /** @var list<string> */
    private array $tooLate = [];

    private int $afterFinish = 0;

    public function __construct(private readonly Inspection $inspection) {}

    public function add(Mark $mark, RemarkPayload $of): void
    {
        $text = $mark->kind === MarkKind::Paused ? 'Paused: '.$of->text : (string) $of->text;
        // A walk scored again under another checklist may be asked nothing of the item.
        if ($mark->kind === MarkKind::LookAgain && $of->item !== null && $this->inspection->item($of->item) === null) {
            return;
        }
        $remark = new Remark($mark->id, $mark->atMs, $text, $of->item);
        if ($mark->kind === MarkKind::LookAgain) {
            $this->flags[] = $remark;
        } else {
            $this->notes[] = $remark;
        }
    }

    /** @param  string  $told  what is told of the item, as in `"%s" was ... after its place was left.` */
    public function tooLate(string $told, Item $item): void
    {
        $this->tooLate[] = sprintf($told, $item->fullName());
    }

    public function afterFinish(): void
    {
        $this->afterFinish++;
    }

    /** @return list<Remark> */
    public function notes(): array
    {
        return $this->notes;
    }

    /** @return list<Remark> */
    public function flags(): array
    {
        return $this->flags;
    }

    /** @return list<string> what earned nothing because of its time, in words */
    public function lost(): array
    {
        return match ($this->afterFinish) {
            0 => $this->tooLate,
            1 => [...$this->tooLate, '1 mark is timed after the finish; it counts for nothing.'],
            default => [
                ...$this->tooLate,
                sprintf('%d marks are timed after the finish; they count for nothing.', $this->afterFinish),
            ],
        };
    }
}
