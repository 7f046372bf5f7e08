<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Document\Node;
use Pasada\Core\Vehicle\DrivenPart;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\Fitment;

/** Reads one entry of a checklist's `components`. */
final readonly class ComponentReader
{
    /** With an axle behind it, it still is an item's id of 80 letters. */
    private const LONGEST_ID = 50;

    public function __construct(private bool $isOfOldFormat) {}

    public function read(Node $node): Component
    {
        $node->only(
            'id', 'name', 'essential', 'further', 'weight', 'repeat', 'needs', 'point_needs', 'say', 'drive', 'credit',
            'bonus', 'axles', 'parts',
        );
        $id = $node->string('id');
        if (preg_match('/^[a-z]+\.[a-z_]+$/D', $id) !== 1 || strlen($id) > self::LONGEST_ID) {
            $node
                ->child('id')
                ->fault(
                    sprintf(
                        'is written as zone.part, in small letters and underscores, at most %d of them',
                        self::LONGEST_ID,
                    ),
                );
        }
        // Parts asked as one item bring their points; a single part says what is essential of it.
        if ($node->has('parts')) {
            $node->nodes('parts');
        } else {
            $node->nodes('essential');
        }
        $essential = $this->points($node, 'essential');
        $further = $this->points($node, 'further');
        if (! $essential->common($further)->isEmpty()) {
            $node
                ->child('further')
                ->fault('repeats an essential point: '.$essential->common($further)->points()[0]->value);
        }

        return new Component(
            $id,
            $node->string('name'),
            $essential,
            $further,
            $node->intOr('weight', 0, 100, 1),
            $node->has('repeat') ? $node->enum('repeat', Repeat::class) : Repeat::Once,
            (new NeedsReader)->read($node, 'needs'),
            $this->pointNeeds($node, $id, $essential->with($further)),
            $this->say($node),
            $node->has('drive') ? $node->enum('drive', DrivenPart::class) : null,
            $node->has('credit') ? $node->enum('credit', CreditRule::class) : null,
            $node->boolOr('bonus', false),
            $node->has('axles') ? $node->enum('axles', AxleRule::class) : null,
            [],
            nature: Fitment::of($id),
            isOfOldFormat: $this->isOfOldFormat,
        );
    }

    private function points(Node $node, string $key): PointSet
    {
        $points = PointSet::none();
        foreach ($node->nodesOr($key) as $entry) {
            $point = PointSet::of($entry->asEnum(Point::class));
            if ($points->includes($point)) {
                $entry->fault('is listed twice');
            }
            $points = $points->with($point);
        }
        if ($points->has(Point::Identified)) {
            $node->child($key)->fault('"identified" is what pointing and naming gives; it cannot be asked as a point');
        }

        return $points;
    }

    /** @return array<string, list<non-empty-list<Feature>>> */
    private function pointNeeds(Node $node, string $id, PointSet $listed): array
    {
        $all = Fitment::ofPoints($id);
        foreach ($node->entries('point_needs') as $code => $entry) {
            if (! $this->isListed($code, $listed)) {
                $entry->fault('is not a point of this component');
            }
            $all[$code] = [...($all[$code] ?? []), ...(new NeedsReader)->read($node->child('point_needs'), $code)];
        }

        return $all;
    }

    /** @return array<string, string> */
    private function say(Node $node): array
    {
        $say = [];
        foreach ($node->entries('say') as $code => $entry) {
            if (Point::tryFrom($code) === null) {
                $entry->fault(sprintf('"%s" is not a known point', $code));
            }
            $say[$code] = $entry->asString();
        }

        return $say;
    }

    private function isListed(string $code, PointSet $listed): bool
    {
        $point = Point::tryFrom($code);

        return $point !== null && $listed->has($point);
    }
}
