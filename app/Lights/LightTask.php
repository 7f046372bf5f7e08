<?php

declare(strict_types=1);

namespace App\Lights;

use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\LightHelper;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Inspection\Item;

/** What the helper outside is to look at now: what was called and not answered yet, the earliest first. */
final readonly class LightTask
{
    /** What a mark rests on that the helper made. */
    public const EVIDENCE = 'helper';

    public function __construct(private InspectionLibrary $inspections, private MarkStore $store) {}

    /** @return list<Item> the one to look at, and what waits behind it */
    public function of(LightHelper $helper): array
    {
        $inspection = $this->inspections->forAttempt($helper->attempt);
        [$marks] = $this->store->read($helper->attempt_id);
        $answered = [];
        foreach ($marks->inForce() as $mark) {
            if (self::isAnswer($mark)) {
                $answered[(string) $mark->payload->item()] = true;
            }
        }
        $called = [];
        foreach (array_keys(Walk::replay($inspection, $marks)->hearings) as $id) {
            $item = $inspection->item($id);
            if ($item?->light !== null && ! isset($answered[$id])) {
                $called[] = $item;
            }
        }

        return $called;
    }

    /** Whether an item is a part of the light check of this helper's walk. */
    public function asks(LightHelper $helper, string $item): bool
    {
        return $this->inspections->forAttempt($helper->attempt)->item($item)?->light !== null;
    }

    private static function isAnswer(Mark $mark): bool
    {
        return $mark->evidence === self::EVIDENCE
            && in_array($mark->kind, [MarkKind::LampDark, MarkKind::LampLit], true);
    }
}
