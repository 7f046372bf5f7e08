<?php

declare(strict_types=1);

namespace Pasada\Bench\Mutation;

use Pest\Mutate\Mutation;

/** What was found out about each fault so far, one line of JSON each, so that a run that is ended goes on later. */
final class Verdicts
{
    /** @var array<string, How> by the mutant's id, which holds its file's content */
    private array $found = [];

    /** @var array<string, string> the state of the tests under which it was missed, by the mutant's id */
    private array $missedUnder = [];

    private readonly string $tests;

    /** @param  bool  $fresh to forget whatever was found before */
    public function __construct(private readonly string $file, bool $fresh)
    {
        $this->tests = self::stateOfTests();
        if ($fresh && is_file($file)) {
            unlink($file);
        }
        foreach (is_file($file) ? (array) file($file, FILE_IGNORE_NEW_LINES) : [] as $line) {
            /** @var array{id: string, how: string, tests: string}|null $kept */
            $kept = json_decode((string) $line, true);
            if ($kept !== null) {
                $this->found[$kept['id']] = How::from($kept['how']);
                $this->missedUnder[$kept['id']] = $kept['tests'];
            }
        }
    }

    public function of(Mutation $mutant): ?How
    {
        $how = $this->found[$mutant->id] ?? null;
        if ($how !== null && ! $how->isCaught() && $this->missedUnder[$mutant->id] !== $this->tests) {
            return null;
        }

        return $how;
    }

    public function keep(Mutation $mutant, How $how): void
    {
        $this->found[$mutant->id] = $how;
        $this->missedUnder[$mutant->id] = $this->tests;
        $line = json_encode(['id' => $mutant->id, 'how' => $how->value, 'tests' => $this->tests], JSON_THROW_ON_ERROR);
        file_put_contents($this->file, "$line\n", FILE_APPEND | LOCK_EX);
    }

    private static function stateOfTests(): string
    {
        return Covering::stateOf('core/tests');
    }
}
