<?php

declare(strict_types=1);

namespace App\Export;

use App\Models\Attempt;
use Pasada\Core\Brakes\Judging\Standing;

/** An attempt as a statement of xAPI 1.0.3: who passed or failed what, how far, how long it took and who scored. */
final readonly class Statement
{
    private const VERBS = 'http://adlnet.gov/expapi/verbs/';

    private const ASSESSMENT = 'http://adlnet.gov/expapi/activities/assessment';

    /** @return array<string, mixed> */
    public static function of(Attempt $attempt, string $home): array
    {
        $result = $attempt->result;
        $verb = match ($result?->standing) {
            Standing::Passed => 'passed',
            Standing::Failed => 'failed',
            default => 'attempted',
        };
        $agent = static fn (string $kind, int $id, string $name): array => [
            'objectType' => 'Agent', 'name' => $name, 'account' => ['homePage' => $home, 'name' => "$kind-$id"],
        ];

        return [
            'id' => $attempt->id,
            'version' => '1.0.3',
            'actor' => $agent('student', $attempt->student_id, $attempt->student->name),
            'verb' => ['id' => self::VERBS.$verb, 'display' => ['en-US' => $verb]],
            'object' => [
                'objectType' => 'Activity',
                'id' => sprintf('%s/checklists/%s/%d', $home, $attempt->checklist->slug, $attempt->checklist->version),
                'definition' => ['name' => ['en-US' => $attempt->checklist->name], 'type' => self::ASSESSMENT],
            ],
            'result' => $result === null ? ['completion' => true] : [
                'score' => ['scaled' => $result->permille / 1000],
                'success' => $result->standing === Standing::Passed,
                'completion' => true,
                'duration' => sprintf('PT%dS', intdiv($result->duration_ms, 1000)),
            ],
            'context' => [
                'instructor' => $agent('scorer', $attempt->scorer_id, $attempt->scorer->name),
                'platform' => 'Pasada',
                'language' => 'en-US',
            ],
            'timestamp' => $attempt->started_at->toIso8601ZuluString(),
        ];
    }
}
