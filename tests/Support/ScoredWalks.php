<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Demo\DemoSchool;
use Closure;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Vehicle\VehicleReader;
use Symfony\Component\Process\Process;

/** Walks begun through an address and marked, while somebody kills servers perhaps, and counted afterwards. */
final class ScoredWalks
{
    /** @var list<Process> what was asked of ./pasada meanwhile */
    private array $asked = [];

    private function __construct(
        public readonly MarkingWalks $walks,
        /** @var list<ApiClient> signed-in pages, shared out among the walks */
        private readonly array $clients,
        /** @var list<string> */
        private readonly array $attempts,
    ) {}

    public static function begin(string $url, int $count, int $gatherSeconds = MarkingWalks::GATHER_SECONDS): self
    {
        $scorers = array_slice(DemoSchool::staff(), 0, 3);
        $clients = [];
        for ($n = 0; $n < min(30, $count); $n++) {
            $clients[$n] = ApiClient::signedIn($url, $scorers[$n % count($scorers)][1]);
        }
        $with = $clients[0]->choice('Whole walk-around', 'Dock 4');
        $students = array_column($clients[0]->send('GET', '/students'), 'id');
        $ids = $headers = [];
        for ($n = 0; $n < $count; $n++) {
            $client = $clients[$n % count($clients)];
            $ids[] = $id = sprintf('01900000-%04x-7000-8000-%012x', $n, random_int(0, 2 ** 47));
            $client->send('POST', '/attempts', [
                'id' => $id, 'student_id' => $students[$n % count($students)], ...$with,
            ]);
            $headers[] = $client->headers();
        }

        return new self(
            new MarkingWalks($url, $ids, self::items(), $headers, $gatherSeconds), array_values($clients), $ids,
        );
    }

    /**
     * Kills one and starts it again, without waiting for it.
     *
     * @return array<int, Closure(): void> by second
     */
    public function killAndStart(string $name, int $killAt, int $startAt): array
    {
        return [
            $killAt => function () use ($name): void {
                $this->ask('kill', $name);
            },
            $startAt => function () use ($name): void {
                $this->ask('start', $name);
            },
        ];
    }

    public function awaitAsked(): void
    {
        array_walk($this->asked, static fn (Process $one): int => $one->wait());
    }

    /** @return array{acknowledged: int, missing: int, twice: int, unasked: int} */
    public function counted(): array
    {
        $told = ['acknowledged' => 0, 'missing' => 0, 'twice' => 0, 'unasked' => 0];
        foreach ($this->attempts as $n => $attempt) {
            // Read by whoever scores it: nobody else sees a walk that goes on.
            $reader = $this->clients[$n % count($this->clients)];
            /** @var list<string> $there */
            $there = array_column(array_column($reader->send('GET', "/attempts/$attempt/marks"), 'mark'), 'id');
            $kept = $this->walks->kept[$n];
            $told['acknowledged'] += count($kept);
            $told['missing'] += count(array_diff($kept, $there));
            $told['twice'] += count($there) - count(array_unique($there));
            $told['unasked'] += count(array_diff($there, $kept));
        }

        return $told;
    }

    private function ask(string $what, string $name): void
    {
        $process = new Process(['./pasada', 'cluster', $what, $name], dirname(__DIR__, 2), timeout: 120);
        $process->start();
        $this->asked[] = $process;
    }

    /** @return list<string> */
    private static function items(): array
    {
        $root = dirname(__DIR__, 2);

        return array_keys(
            Inspection::of(
                (new ChecklistReader)->read((string) file_get_contents($root.'/checklists/whole-walk-round.json')),
                (new VehicleReader)->read((string) file_get_contents($root.'/vehicles/dock-tractor-chassis.json')),
            )->items,
        );
    }
}
