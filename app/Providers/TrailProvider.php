<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\LegalHold;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\Signature;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\Tombstone;
use App\Models\User;
use App\Models\VehicleOutage;
use App\Trail\TrailObserver;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\ServiceProvider;

/** Names the models of which the trail keeps whatever is made, changed and removed. */
final class TrailProvider extends ServiceProvider
{
    /** Marks are a trail of their own: they are only added to, each with who sent it and when. */
    public const KEPT = [
        Amendment::class, Attempt::class, ExamAppointment::class, ExamResult::class, School::class, SchoolClass::class,
        Signature::class, StoredChecklist::class, StoredVehicle::class, Student::class, User::class,
        LegalHold::class, Tombstone::class, VehicleOutage::class,
    ];

    private const EVENTS = ['created', 'updated', 'deleted'];

    /** By the names of the events: observing a model would lay out all fourteen on every request, for 4 ms of it. */
    public function boot(Dispatcher $events): void
    {
        foreach (self::KEPT as $model) {
            foreach (self::EVENTS as $event) {
                $events->listen("eloquent.$event: $model", [TrailObserver::class, $event]);
            }
        }
    }
}
