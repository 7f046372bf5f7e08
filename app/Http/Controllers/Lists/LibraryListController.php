<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\CursorInQuery;
use App\Http\OpenApi\KindInPath;
use App\Http\OpenApi\LimitInQuery;
use App\Http\OpenApi\Refused;
use App\Http\Page;
use App\Http\Requests\PageRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\CountResource;
use App\Http\Resources\Library\DraftCardResource;
use App\Http\Resources\Library\LibraryEntryResource;
use App\Http\Views\Library\ReadLibrary;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredChecklist;
use App\Models\StoredDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The shelves of the library, each as a list of its own. */
final readonly class LibraryListController
{
    #[
        OA\Get(
            path: '/library/{kind}', operationId: 'listLibrary',
            summary: 'Checklists or vehicles with their versions, in pages',
            parameters: [new KindInPath, new LimitInQuery, new CursorInQuery],
            responses: [
                new OA\Response(
                    response: 200, description: 'By the name of the newest version',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: LibraryEntryResource::class)),
                ),
                new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function entries(PageRequest $request, DocumentKind $kind, ReadLibrary $read): JsonResponse
    {
        Gate::authorize('viewAny', StoredChecklist::class);
        $user = $request->signedIn();
        $page = Page::of($kind->model()::newestVersions($user->school_id), $request, 'name');

        return $page->answer($request, $read->entries(
            $kind, $user->school_id, Carbon::now(), array_map(
                static fn (StoredDocument $newest): string => $newest->slug, $page->items,
            ),
        ));
    }

    #[
        OA\Get(
            path: '/library/{kind}/count', operationId: 'countLibrary',
            summary: 'How many checklists or vehicles the list has',
            parameters: [new KindInPath],
            responses: [
                new Answered(200, 'Whatever their versions', CountResource::class),
                new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function count(SignedInRequest $request, DocumentKind $kind): CountResource
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return new CountResource($kind->model()::newestVersions($request->signedIn()->school_id)->count());
    }

    #[
        OA\Get(
            path: '/drafts', operationId: 'listDrafts', summary: 'The drafts that are open, in pages',
            parameters: [new LimitInQuery, new CursorInQuery],
            responses: [
                new OA\Response(
                    response: 200, description: 'In an order that no change moves',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DraftCardResource::class)),
                ),
                new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function drafts(PageRequest $request, ReadLibrary $read): JsonResponse
    {
        Gate::authorize('viewAny', StoredChecklist::class);
        $page = Page::of(Draft::ofSchool($request->signedIn()->school_id), $request, 'slug');

        return $page->answer($request, $read->drafts($request->signedIn()->school_id, $page->items));
    }

    #[
        OA\Get(
            path: '/drafts/count', operationId: 'countDrafts', summary: 'How many drafts are open',
            responses: [
                new Answered(200, 'Of all people', CountResource::class), new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function countDrafts(SignedInRequest $request): CountResource
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return new CountResource(Draft::ofSchool($request->signedIn()->school_id)->count());
    }
}
