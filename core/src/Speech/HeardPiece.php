<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/** What was said between two pauses. */
final readonly class HeardPiece
{
    /**
     * @param  non-empty-list<HeardWord>  $words  in their order
     * @param  list<string>  $alternatives  what it may have been instead, the likeliest first
     */
    public function __construct(public array $words, public array $alternatives = []) {}

    public function text(): string
    {
        return SpokenForm::written(
            implode(' ', array_map(static fn (HeardWord $word): string => $word->word, $this->words)),
        );
    }

    public function fromMs(): int
    {
        return $this->words[0]->fromMs;
    }

    public function toMs(): int
    {
        return $this->words[count($this->words) - 1]->toMs;
    }
}
