<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;

/** An account in the open format, and as a text to be read. */
final readonly class AccountWriter
{
    /** @return array<string, mixed> as schemas/listening.schema.json has it */
    public static function write(Account $account): array
    {
        $defects = $notFitted = $heard = [];
        foreach ($account->heard as $proposal) {
            foreach ($proposal->defects as $what) {
                $defects[] = [
                    't' => $proposal->at(),
                    'component' => $proposal->component,
                    'axle' => $proposal->axle,
                    'what' => $what,
                ];
            }
            if ($proposal->notFitted) {
                $notFitted[] = ['t' => $proposal->at(), 'component' => $proposal->component, 'axle' => $proposal->axle];

                continue;
            }
            $heard[] = [
                't' => $proposal->at(),
                'component' => $proposal->component,
                'axle' => $proposal->axle,
                'points' => self::codes($proposal),
                'figures' => (object) array_map(
                    static fn (float $figure): float|int => $figure === floor($figure)
                        ? (int) $figure
                        : round($figure, 4),
                    $proposal->figures,
                ),
                'confidence' => $proposal->confidence,
                'evidence' => array_map(
                    static fn (Evidence $one): array => ['from' => $one->at, 'text' => $one->text],
                    $proposal->evidence,
                ),
                ...$proposal->runnerUp === null ? [] : ['runnerUp' => $proposal->runnerUp],
            ];
        }

        return [
            'heard' => $heard,
            'maybe' => array_map(
                static fn (Proposal $one): array => [
                    't' => $one->at(),
                    'component' => $one->component,
                    'axle' => $one->axle,
                    'points' => self::codes($one),
                    'confidence' => $one->confidence,
                ],
                $account->maybe,
            ),
            'references' => array_map(
                static fn (array $one): array => [
                    't' => $one[0],
                    'axle' => $one[1]->axle,
                    'covers' => $one[1]->covers,
                    'kind' => $one[1]->kind,
                    ...$one[1]->except === [] ? [] : ['except' => $one[1]->except],
                ],
                $account->references,
            ),
            'wrong' => array_map(
                static fn (WrongFigure $one): array => [
                    't' => $one->at,
                    'component' => $one->component,
                    'axle' => $one->axle,
                    'what' => $one->what,
                ],
                $account->wrong,
            ),
            'defects' => $defects,
            'notFitted' => $notFitted,
            'offList' => array_map(
                static fn (array $one): array => ['from' => $one[0], 'to' => $one[1], 'text' => $one[2]],
                $account->offList,
            ),
            'route' => array_map(
                static fn (array $stop): array => [
                    'from' => $stop[0],
                    'zone' => $stop[1]->zone(),
                    'axle' => $stop[1]->axle()?->value,
                ],
                $account->route,
            ),
        ];
    }

    public static function text(Account $account): string
    {
        $lines = [];
        foreach ($account->heard as $proposal) {
            $what = implode(', ', self::codes($proposal));
            $figures = implode(
                ', ',
                array_map(
                    static fn (string $key, float $value): string => $key.
                        ' '.
                        rtrim(rtrim(sprintf('%.3f', $value), '0'), '.'),
                    array_keys($proposal->figures),
                    $proposal->figures,
                ),
            );
            $lines[] = sprintf(
                '%s  %-38s %3d %%  %s%s',
                self::clock($proposal->at()),
                $proposal->component.($proposal->axle === null ? '' : ' @'.$proposal->axle),
                (int) round($proposal->confidence * 100),
                $proposal->notFitted ? 'said not to be fitted' : $what,
                $figures === '' ? '' : ' ('.$figures.')',
            );
            foreach ($proposal->evidence as $evidence) {
                $lines[] = '         "'.$evidence->text.'"';
            }
            foreach ($proposal->defects as $defect) {
                $lines[] = '         defect: '.$defect;
            }
        }
        foreach ($account->maybe as $proposal) {
            $lines[] = sprintf(
                '%s  maybe: %s%s',
                self::clock($proposal->at()),
                $proposal->component,
                $proposal->axle === null ? '' : ' @'.$proposal->axle,
            );
        }
        foreach ($account->references as [$at, $reference]) {
            $lines[] = sprintf(
                '%s  reference: %s%s, %s',
                self::clock($at),
                str_replace('_', ' ', $reference->kind),
                $reference->axle === null ? '' : ' at the '.$reference->axle.' axle',
                $reference->covers === [] ? 'everything' : implode(', ', $reference->covers),
            );
        }
        foreach ($account->wrong as $wrong) {
            $lines[] = sprintf(
                '%s  wrong: %s%s: %s',
                self::clock($wrong->at),
                $wrong->component,
                $wrong->axle === null ? '' : ' @'.$wrong->axle,
                $wrong->what,
            );
        }

        return implode("\n", $lines);
    }

    private static function clock(float $seconds): string
    {
        return sprintf('%3d:%02d', intdiv((int) $seconds, 60), (int) $seconds % 60);
    }

    /** @return list<string> */
    private static function codes(Proposal $proposal): array
    {
        return array_map(static fn (Point $point): string => $point->value, $proposal->points->points());
    }
}
