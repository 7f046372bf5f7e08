<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\PageRequest;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Pagination\Cursor;

/**
 * One page of a list. Where the next begins is told in the header `Link` (RFC 8288).
 *
 * @template T of Model
 */
final readonly class Page
{
    /**
     * @param  list<T>  $items
     * @param  string|null  $next  cursor of the next page; null behind the last
     */
    private function __construct(public array $items, public ?string $next, private int $limit) {}

    /**
     * @template R of Model
     *
     * @param  Builder<R>  $list
     * @param  string  $by  column of the order; the id settles what is the same: no row is told twice or left out
     * @return self<R>
     */
    public static function of(Builder $list, PageRequest $request, string $by): self
    {
        return self::read($list, $by, $request->limit(), $request->cursor(), false);
    }

    /**
     * @template R of Model
     *
     * @param  Builder<R>  $list
     * @param  string  $by  as above
     * @return self<R> the highest first
     */
    public static function newest(Builder $list, string $by, int $limit, ?Cursor $cursor = null): self
    {
        return self::read($list, $by, $limit, $cursor, true);
    }

    /** @param  Closure(T): mixed  $row */
    public function rows(PageRequest $request, Closure $row): JsonResponse
    {
        return $this->answer($request, array_map($row, $this->items));
    }

    public function answer(PageRequest $request, mixed $body): JsonResponse
    {
        return new JsonResponse($body, 200, $this->next === null ? [] : ['Link' => sprintf(
            '<%s?limit=%d&cursor=%s>; rel="next"', $request->getPathInfo(), $this->limit, urlencode($this->next),
        )]);
    }

    /**
     * @template R of Model
     *
     * @param  Builder<R>  $list
     * @return self<R>
     */
    private static function read(Builder $list, string $by, int $limit, ?Cursor $cursor, bool $isNewestFirst): self
    {
        $way = $isNewestFirst ? 'desc' : 'asc';
        $page = $list->orderBy($by, $way)->orderBy($list->getModel()->getQualifiedKeyName(), $way)
            ->cursorPaginate($limit, ['*'], 'cursor', $cursor);
        /** @var list<R> $items */
        $items = array_values($page->items());

        return new self($items, $page->nextCursor()?->encode(), $limit);
    }
}
