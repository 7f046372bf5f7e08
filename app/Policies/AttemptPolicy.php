<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\AttemptStatus;
use App\Models\Party;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AttemptPolicy
{
    public function create(User $user): Response
    {
        return $user->scores()
            ? Response::allow()
            : Response::deny('Only an instructor or an examiner starts an attempt.');
    }

    /** Takes in a record from elsewhere, or says of what an attempt was. */
    public function bring(User $user): Response
    {
        return $user->scores() || $user->manages()
            ? Response::allow()
            : Response::deny('Only who scores or manages takes records in.');
    }

    public function view(User $user, Attempt $attempt): Response
    {
        if (! $this->mayKnow($user, $attempt)) {
            return Response::denyAsNotFound('There is no such attempt here.');
        }
        if ($user->id === $attempt->scorer_id) {
            return Response::allow();
        }
        if ($attempt->status === AttemptStatus::UnderWay && ! $attempt->live) {
            return Response::deny(
                $attempt->scorer->name.
                    ' is scoring this walk and has not opened it for others to watch. It can be read when it is '.
                        'finished.',
            );
        }

        return $this->scoresSameWalk($user, $attempt)
            ? Response::deny(
                'You score the same walk. You see the other sheet when yours is finished, so that neither sways the '.
                    'other.',
            )
            : Response::allow();
    }

    /** What tells more than the sheet: marks with their words, files. A student has it once the walk is finished. */
    public function study(User $user, Attempt $attempt): Response
    {
        return match (true) {
            $this->view($user, $attempt)->denied() => $this->view($user, $attempt),
            ! $user->seesAllStudents() && $attempt->status === AttemptStatus::UnderWay => Response::deny(
                'This can be read when the walk is finished.',
            ),
            default => Response::allow(),
        };
    }

    /** Another scorer joins a walk while it goes on; one's own attempt is no second opinion. */
    public function scoreAlongside(User $user, Attempt $attempt): Response
    {
        return match (true) {
            ! $this->mayKnow($user, $attempt) => Response::denyAsNotFound('There is no such attempt here.'),
            $this->create($user)->denied() => $this->create($user),
            $attempt->status !== AttemptStatus::UnderWay => Response::deny(
                'This walk is finished. A second scorer can join only while it goes on.',
            ),
            $user->id === $attempt->scorer_id,
            $attempt->walkMates()->where('scorer_id', $user->id)->exists() => Response::deny(
                'You score this walk already; a second opinion has to be somebody else\'s.',
            ),
            default => Response::allow(),
        };
    }

    public function mark(User $user, Attempt $attempt): Response
    {
        if ($user->id === $attempt->scorer_id) {
            return Response::allow();
        }

        return $this->mayKnow($user, $attempt)
            ? Response::deny('Only '.$attempt->scorer->name.', who started this attempt, marks it.')
            : Response::denyAsNotFound('There is no such attempt here.');
    }

    /** Each party in the own session; the student also on the device of whoever scores. */
    public function sign(User $user, Attempt $attempt, Party $party): Response
    {
        if ($party === Party::Student && $user->id === $attempt->student->user_id) {
            return Response::allow();
        }

        return $this->mark($user, $attempt);
    }

    /** Nobody watches an examination: a glance at a neighbor's screen would be a hint. */
    public function share(User $user, Attempt $attempt): Response
    {
        return match (true) {
            $this->mark($user, $attempt)->denied() => $this->mark($user, $attempt),
            $attempt->mode === AttemptMode::Exam => Response::deny(
                'An examination is not shown to others while it goes on.',
            ),
            default => Response::allow(),
        };
    }

    public function amend(User $user, Attempt $attempt): Response
    {
        return match (true) {
            ! $this->mayKnow($user, $attempt) => Response::denyAsNotFound('There is no such attempt here.'),
            $user->id === $attempt->scorer_id || $user->manages() => Response::allow(),
            default => Response::deny(
                'Only '.$attempt->scorer->name.', who scored it, or the manager amends a closed record.',
            ),
        };
    }

    /** Voids it, or gives it to another student, scorer or vehicle. */
    public function setRight(User $user, Attempt $attempt): Response
    {
        return match (true) {
            ! $this->mayKnow($user, $attempt) => Response::denyAsNotFound('There is no such attempt here.'),
            $user->manages() => Response::allow(),
            default => Response::deny('Only the manager sets a record right. Tell them what went wrong.'),
        };
    }

    private function mayKnow(User $user, Attempt $attempt): bool
    {
        return $user->school_id === $attempt->school_id &&
            ($user->seesAllStudents() || $user->id === $attempt->student->user_id);
    }

    private function scoresSameWalk(User $user, Attempt $attempt): bool
    {
        return $attempt->walkMates()->where('scorer_id', $user->id)->where('status', AttemptStatus::UnderWay)->exists();
    }
}
