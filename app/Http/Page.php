<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\PageRequest;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;

/** One page of a list: the rows as the body, where the next page begins in the header `Link` (RFC 8288). */
final readonly class Page
{
    /**
     * @template T of Model
     *
     * @param  Builder<T>  $list
     * @param  string  $by  column of the order; the id settles what is the same: no row is told twice or left out
     * @param  Closure(T): mixed  $row
     */
    public static function of(Builder $list, PageRequest $request, string $by, Closure $row): JsonResponse
    {
        $id = $list->getModel()->getQualifiedKeyName();
        $page = $list->orderBy($by)->orderBy($id)
            ->cursorPaginate($request->limit(), ['*'], 'cursor', $request->cursor());
        $next = $page->nextCursor();
        /** @var list<T> $items */
        $items = array_values($page->items());
        $rows = array_map($row, $items);

        return new JsonResponse($rows, 200, $next === null ? [] : ['Link' => sprintf(
            '<%s?limit=%d&cursor=%s>; rel="next"', $request->getPathInfo(), $request->limit(),
            urlencode($next->encode()),
        )]);
    }
}
