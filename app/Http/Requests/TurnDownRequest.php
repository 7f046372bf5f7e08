<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\Walk\MarksAttempt;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Proposals turned down, and ones brought back. */
#[
    OA\Schema(
        required: ['turned_down'],
        properties: [
            new OA\Property(
                property: 'turned_down',
                type: 'array',
                maxItems: self::MOST,
                items: new OA\Items(
                    required: ['id', 'key', 'down'],
                    properties: [
                        new OA\Property(
                            property: 'id',
                            type: 'string',
                            format: 'uuid',
                            description: 'made by the page; sending it twice counts once',
                        ),
                        new OA\Property(property: 'key', type: 'string', description: 'of the proposal'),
                        new OA\Property(property: 'down', type: 'boolean', description: 'false brings it back'),
                    ],
                    type: 'object',
                ),
            ),
        ],
    ),
]
final class TurnDownRequest extends FormRequest
{
    use MarksAttempt;
    use SignedIn;

    private const MOST = 1000;

    private const LONGEST_KEY = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['turned_down' => ['present', 'array', 'list', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'turned_down.*' => 'Send the proposals as {"turned_down": [{"id": ..., "key": ..., "down": true}, ...]}, '.
                'at most '.
                self::MOST.
                ' at a time.',
        ];
    }

    /**
     * @return list<array{id: string, key: string, down: bool}>
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function lines(): array
    {
        $faults = new Faults;
        $lines = [];
        foreach (Node::root(['turned_down' => $this->input('turned_down')], $faults)->nodesOr('turned_down') as $node) {
            $node->only('id', 'key', 'down');
            $key = $node->string('key');
            if (mb_strlen($key) > self::LONGEST_KEY) {
                $node->child('key')->fault(sprintf('is longer than %d letters and so no proposal', self::LONGEST_KEY));
            }
            $lines[] = ['id' => $node->uuid('id'), 'key' => $key, 'down' => $node->boolOr('down', true)];
        }
        $faults->stopIfAny('proposals');

        return $lines;
    }
}
