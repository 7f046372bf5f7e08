<?php

declare(strict_types=1);

namespace App\Http\Views\People;

use App\Http\Requests\People\ReadTrailRequest;
use App\Http\Resources\People\TrailLineResource;
use App\Http\Resources\People\TrailResource;
use App\Trail\Trail;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use stdClass;

/** The trail of a school, the newest line first, as many as a page holds. */
final readonly class ReadTrail
{
    private const LINES = 60;

    public function __construct(private ConnectionInterface $database) {}

    public function handle(ReadTrailRequest $request): TrailResource
    {
        $chain = $request->signedIn()->school_id;
        $school = $request->signedIn()->school;
        $lines = $this->database->table('trail')->where('chain', $chain);
        foreach (['kind', 'record'] as $column) {
            if ($request->text($column) !== null) {
                $lines->where($column, $request->text($column));
            }
        }
        if ($request->text('from') !== null) {
            $lines->where('at', '>=', $school->midnight($request->text('from'))->format(Trail::TIME));
        }
        if ($request->text('to') !== null) {
            $lines->where('at', '<', $school->midnight($request->text('to'), 1)->format(Trail::TIME));
        }
        $words = $request->text('words');
        if ($words !== null) {
            $like = '%'.addcslashes($words, '%_\\').'%';
            $lines->where(static fn (Builder $any) => $any->where('who', 'like', $like)->orWhere('did', 'like', $like)
                ->orWhere('kind', 'like', $like)->orWhere('before', 'like', $like)->orWhere('after', 'like', $like));
        }
        if ($request->text('before') !== null) {
            $lines->where('position', '<', $request->integer('before'));
        }
        $found = $lines->orderByDesc('position')->limit(self::LINES + 1)->get()->all();
        $shown = array_slice($found, 0, self::LINES);
        $told = array_map(self::line(...), $shown);
        $last = end($told);
        $all = $this->database->table('trail_heads')->where('chain', $chain)->value('position');

        return new TrailResource(
            $told, count($found) > self::LINES && $last !== false ? $last->position : null, is_int($all) ? $all : 0,
        );
    }

    private static function line(stdClass $row): TrailLineResource
    {
        /** @var stdClass&object{position: int, at: string, who: string, did: string, kind: string, record: string,
         *   before: string|null, after: string|null, address: string, digest: string} $row */
        $said = static fn (?string $json): ?object => $json === null ? null : (object) json_decode($json, true);

        return new TrailLineResource(
            $row->position, $row->at, $row->who, $row->did, $row->kind, $row->record, $said($row->before),
            $said($row->after), $row->address, $row->digest,
        );
    }
}
