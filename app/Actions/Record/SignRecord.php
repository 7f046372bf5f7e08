<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Access\SigningCodes;
use App\Exceptions\IdIsTaken;
use App\Exceptions\RecordIsOpen;
use App\Library\RecordDigest;
use App\Library\Records;
use App\Models\Attempt;
use App\Models\Party;
use App\Models\Signature;
use App\Models\SignedBy;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** Keeps a signature under a finished record as it stands, with the time of the server and who entered it. */
final readonly class SignRecord
{
    public function __construct(
        private Records $records, private RecordDigest $digests, private SigningCodes $codes,
    ) {}

    /**
     * A record that was changed since can be signed again; the earlier signature stays. Sent twice, it is there once.
     *
     * @param  string  $id  UUID made by the page
     * @param  list<list<int>>  $strokes  x and y by turns, in thousandths of the pad
     * @param  string  $code  of the account of who signs, on the device of another; empty where none was given
     *
     * @throws RecordIsOpen if the walk is not finished
     * @throws ValidationException if the code is none of the party's
     * @throws IdIsTaken if the id came before with another signature, or this party has signed the record as it stands
     */
    public function handle(
        Attempt $attempt, User $by, string $id, Party $party, string $name, array $strokes, string $code, Carbon $now,
    ): Signature {
        $signer = $party === Party::Scorer ? $attempt->scorer : $attempt->student->account;

        return $this->records->writeClosed($attempt, RecordIsOpen::toBeSigned(), function () use (
            $attempt, $by, $id, $party, $name, $strokes, $code, $signer, $now,
        ): Signature {
            $wanted = ['attempt_id' => $attempt->id, 'party' => $party, 'name' => $name, 'strokes' => $strokes];
            $known = Signature::query()->where('uuid', $id)->first();
            if ($known !== null) {
                return $known->only(array_keys($wanted)) === $wanted ? $known : throw IdIsTaken::bySignature($id);
            }
            $digest = $this->digests->of($attempt);
            if (
                Signature::query()
                    ->where('attempt_id', $attempt->id)
                    ->where('party', $party)
                    ->where('digest', $digest)
                    ->exists()
            ) {
                throw IdIsTaken::byParty($party->value);
            }

            $means = match (true) {
                $code !== '' => $this->codeOf($signer, $code, $now),
                $by->id === $signer?->id => SignedBy::Session,
                default => SignedBy::Glass,
            };

            return Signature::query()->create([
                ...$wanted,
                'uuid' => $id,
                'user_id' => $by->id,
                'digest' => $digest,
                'means' => $means,
                'signed_at' => $now,
            ]);
        });
    }

    private function codeOf(?User $signer, string $code, Carbon $now): SignedBy
    {
        if ($signer === null) {
            throw ValidationException::withMessages([
                'code' => 'This student has no account to have a code from. Sign on the glass.',
            ]);
        }
        if (! $this->codes->take($signer, $code, $now)) {
            throw ValidationException::withMessages(['code' => sprintf(
                'This is no code of %s that serves now. A new one is under My account, for ten minutes.', $signer->name,
            )]);
        }

        return SignedBy::Code;
    }
}
