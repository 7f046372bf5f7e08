<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\LightHelper;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Codes by which a helper outside opens the page of the light check: for one walk, once, for ten minutes. */
final readonly class HelperCodes
{
    private const MINUTES = 10;

    private const LENGTH = 6;

    /** A page that was opened serves for a light check and no longer. */
    private const OPEN_MINUTES = 45;

    public function __construct(private ConnectionInterface $database) {}

    /**
     * @return array{string, Carbon} a new code, and until when it opens; an earlier one that was not used opens nothing
     *
     * @throws HelperIsNotLetIn if the walk is finished
     */
    public function make(Attempt $attempt, User $by, Carbon $now): array
    {
        $attempt->status === AttemptStatus::UnderWay || throw HelperIsNotLetIn::over();
        $code = SpokenCode::make(self::LENGTH);
        $until = $now->copy()->addMinutes(self::MINUTES);
        $this->database->transaction(static function () use ($attempt, $by, $now, $code, $until): void {
            LightHelper::query()->where('attempt_id', $attempt->id)->where('used_at', null)
                ->where('code_until', '>', $now)->update(['code_until' => $now]);
            LightHelper::query()->create([
                'id' => (string) Str::uuid7(), 'attempt_id' => $attempt->id, 'invited_by' => $by->id,
                'code_digest' => SpokenCode::digest($code), 'code_until' => $until,
            ]);
        });

        return [$code, $until];
    }

    /**
     * @return string what the helper's page holds from now on
     *
     * @throws HelperIsNotLetIn with the reason
     */
    public function take(string $code, Carbon $now): string
    {
        $token = Str::random(40);
        $this->database->transaction(static function () use ($code, $now, $token): void {
            $query = LightHelper::query()->where('code_digest', SpokenCode::digest($code));
            // Held: of two phones that come at once with the same code, one is late.
            $query->lockForUpdate();
            $helper = $query->first();
            match (true) {
                $helper === null => throw HelperIsNotLetIn::unknown(),
                $helper->used_at !== null => throw HelperIsNotLetIn::used(),
                ! $helper->code_until->isAfter($now) => throw HelperIsNotLetIn::late(),
                $helper->attempt->status !== AttemptStatus::UnderWay => throw HelperIsNotLetIn::over(),
                default => $helper->update([
                    'used_at' => $now, 'token_digest' => hash('sha256', $token),
                    'until' => $now->copy()->addMinutes(self::OPEN_MINUTES),
                ]),
            };
        });

        return $token;
    }

    /** @throws HelperIsNotLetIn if the page is over */
    public function holder(string $token, Carbon $now): LightHelper
    {
        $helper = LightHelper::query()->where('token_digest', hash('sha256', $token))->first();

        if ($helper === null) {
            throw HelperIsNotLetIn::unknown();
        }
        $isOpen = $helper->until?->isAfter($now) === true && $helper->attempt->status === AttemptStatus::UnderWay;

        return $isOpen ? $helper : throw HelperIsNotLetIn::over();
    }
}
