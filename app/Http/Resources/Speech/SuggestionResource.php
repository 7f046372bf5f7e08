<?php

declare(strict_types=1);

namespace App\Http\Resources\Speech;

use App\Http\Resources\Record\StretchResource;
use OpenApi\Attributes as OA;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Evidence;
use Pasada\Core\Listening\Sheet\Suggestion;

/** What was heard of one item, and the marks that accepting it makes; the page adds their ids. */
#[OA\Schema]
final readonly class SuggestionResource
{
    /**
     * @param  list<StretchResource>  $evidence
     * @param  list<object>  $marks
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(nullable: true, description: 'null for a reference to another axle or side')]
        public ?string $item,
        #[OA\Property(description: 'point codes and figures, or what a reference says')]
        public string $said,
        #[OA\Property(type: 'number', description: 'of those at 0.8, about eight in ten are right')]
        public float $confidence,
        #[OA\Property(type: 'string', enum: ['open', 'accepted', 'marked', 'rejected'])] public string $state,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StretchResource::class))] public array $evidence,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'object', additionalProperties: true),
                description: 'in the open format of marks, without ids',
            ),
        ]
        public array $marks,
        #[OA\Property(nullable: true, description: 'component that it may be as well')]
        public ?string $runner_up,
        #[OA\Property(description: 'too little was said to tell whether it was meant')]
        public bool $maybe,
    ) {}

    public static function of(Suggestion $suggestion, Transcript $transcript, Words $words, string $state): self
    {
        return new self(
            $suggestion->key,
            $suggestion->item,
            $suggestion->said,
            $suggestion->confidence,
            $state,
            array_map(
                static fn (Evidence $one): StretchResource => self::stretch($one, $transcript, $words),
                $suggestion->evidence,
            ),
            array_map(static fn (array $mark): object => (object) $mark, $suggestion->marks),
            $suggestion->runnerUp,
            $suggestion->isMaybe,
        );
    }

    private static function stretch(Evidence $one, Transcript $transcript, Words $words): StretchResource
    {
        $last = $one->to - 1;
        // The core counts bytes; a page counts characters.
        $characters = static fn (int $cue, int $bytes): int => mb_strlen(
            substr($transcript->cues[$cue]->text, 0, $bytes),
        );

        return new StretchResource(
            $words->cue[$one->from],
            $characters($words->cue[$one->from], $words->place[$one->from][0]),
            $words->cue[$last],
            $characters($words->cue[$last], $words->place[$last][0] + $words->place[$last][1]),
            (int) round($one->at * 1000),
            $one->text,
            array_column($one->points, 'value'),
        );
    }
}
