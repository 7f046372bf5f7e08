<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Routing\Router;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Requests that nobody means well, over every route of the router: the same ones for the same seed. */
final class Fuzz
{
    private readonly Randomizer $random;

    /**
     * @param  array<string, list<string>>  $known  ids that are there, by the name of the route's parameter
     * @param  list<array{string, string}>  $routes  method and address with {parameters}
     */
    private function __construct(int $seed, private readonly array $known, private readonly array $routes)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @param  array<string, list<string>>  $known */
    public static function over(int $seed, array $known): self
    {
        $routes = [];
        foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
            // Signing out ends the session that the rest needs, and has tests of its own.
            if (! str_ends_with($route->uri(), '/session')) {
                $routes[] = [is_string($route->methods()[0] ?? null) ? $route->methods()[0] : 'GET', '/'.$route->uri()];
            }
        }

        return new self($seed, $known, $routes);
    }

    /** @return array{string, string, string} method, address, body as JSON */
    public function request(): array
    {
        [$method, $uri] = $this->one($this->routes);
        $address = (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $found): string => $this->id($found[1]),
            $uri,
        );
        if ($method === 'GET') {
            // What nginx refuses for its length never gets to be read.
            return [$method, $address.'?'.substr(http_build_query($this->fields()), 0, 3000), ''];
        }

        return [$method, $address, $this->body()];
    }

    private function id(string $of): string
    {
        $known = $this->known[$of] ?? [];

        return $known !== [] && $this->chance(80)
            ? $this->one($known)
            : rawurlencode(
                $this->one([
                    '0', '999999999999999999999', 'checklist', '01900000-0000-7000-8000-00000000ffff', "a\nb", 'x',
                ]),
            );
    }

    private function body(): string
    {
        $body = json_encode($this->fields(), JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);

        return match ($this->random->getInt(1, 25)) {
            1 => substr((string) $body, 0, -3),
            2 => str_repeat('[', 600).str_repeat(']', 600),
            3 => '{"name":"\ud800"}',
            4 => '[]',
            default => (string) $body,
        };
    }

    /** @return array<string, mixed> fields that routes know, each with something in it */
    private function fields(): array
    {
        $names = [
            'id', 'student_id', 'vehicle_id', 'checklist_id', 'walk_of', 'form', 'mode', 'started_at', 'recorder',
            'marks', 'events', 'content', 'name', 'live', 'party', 'strokes', 'reason', 'brake_events', 'pieces',
            'turned_down', 'kind', 'base_id', 'as_new', 'text', 'step', 'document', 'csv', 'in_force_from', 'phrases',
            'record', 'fault', 'faults', 'start_psi', 'from_ms', 'until_ms', 'controls', 'help', 'keep', 'since',
            'format', 'email', 'password',
        ];
        $fields = [];
        foreach ($names as $name) {
            if ($this->chance(70)) {
                $fields[$name] = $this->value($name, 2);
            }
        }

        return $fields;
    }

    private function value(string $name, int $depth): mixed
    {
        $known = $this->known[$name] ?? [];
        if ($known !== [] && $this->chance(60)) {
            $id = $this->one($known);

            return is_numeric($id) ? (int) $id : $id;
        }
        $list = in_array(
            $name,
            ['marks', 'events', 'strokes', 'pieces', 'turned_down', 'phrases', 'controls', 'brake_events'],
            true,
        );
        if ($depth > 0 && $list && $this->chance(75)) {
            return array_map(fn (): array => $this->line($depth - 1), range(0, $this->random->getInt(0, 3)));
        }

        return $this->one([
            null,
            true,
            -1,
            0,
            1,
            PHP_INT_MAX,
            1e308,
            0.0001,
            '',
            ' ',
            'x',
            "a\nb",
            "\u{0000}",
            "\u{FFFD}",
            '=1+1',
            '../../etc/passwd',
            '<script>',
            str_repeat('9', 30),
            str_repeat('é', 300),
            str_repeat('x', 3000),
            '2026-11-24',
            '2026-11-24T15:30:00Z',
            '0000-00-00',
            'draw',
            'exam',
            'scorer',
            'checklist',
            'vehicle',
            'guided',
            (string) Str::uuid(),
            [],
            ['x' => ['y' => []]],
            [[1, 2, 3, 4]],
            [null],
            [['id' => 'x']],
            (object) [],
        ]);
    }

    /** @return array<string, mixed> a mark, an event, a piece or something like one */
    private function line(int $depth): array
    {
        $line = [];
        foreach (
            [
                'id', 'at_ms', 'kind', 'item', 'points', 'place', 'text', 'undoes', 'side', 'value', 'from', 'except',
                'section', 'said', 'to', 'primary', 'secondary', 'from_ms', 'key', 'down', 'walk_ms',
            ] as $name
        ) {
            if ($this->chance(45)) {
                $line[$name] = $this->chance(50)
                    ? $this->value($name, $depth)
                    : $this->one([
                        'heard_whole', 'points_heard', 'undo', 'finished', 'reading', 'restarted', 'cab.seat_belt',
                        'left', 5, ['works'], (string) Str::uuid7(),
                    ]);
            }
        }

        return $line;
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>|list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
