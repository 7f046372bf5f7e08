<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\Documents;
use App\Database\Nodes;
use App\Database\NodesConnector;
use App\Http\Middleware\EndOldSessions;
use App\Http\Views\School\ReadToday;
use App\Http\Views\Speech\ReadRecording;
use App\Library\CatalogOfParts;
use App\Library\InspectionLibrary;
use App\Library\KnownAddresses;
use App\Library\ListeningLibrary;
use App\Library\RecordFile;
use App\Library\ShippedDocuments;
use App\Models\Attempt;
use App\Models\Draft;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use App\Operations\Counters;
use App\Operations\CountersInMemory;
use App\Operations\Room;
use App\Policies\AttemptPolicy;
use App\Policies\DraftPolicy;
use App\Policies\StoredDocumentPolicy;
use App\Policies\StudentPolicy;
use App\Policies\UserPolicy;
use App\Progress\AfterAnswer;
use App\Progress\SchoolModels;
use App\Sound\ForgetSound;
use App\Sound\SoundStore;
use App\Speech\ConfiguredCommand;
use App\Speech\PocketSphinx;
use App\Speech\SpokenLanguage;
use App\Trail\TrailFile;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Config\Repository as Settings;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Cache\Factory as Cache;
use Illuminate\Contracts\Filesystem\Filesystem as Storage;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Pasada\Core\Access\PasswordRule;
use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Counters::class, CountersInMemory::class);
        $this->app->singleton(Nodes::class);
        $this->app->bind('db.connector.mariadb', NodesConnector::class);
        $this->app->when(TrailFile::class)->needs('$folder')->giveConfig('pasada.trail_folder');
        $this->app->bind(StatefulGuard::class, fn (): StatefulGuard => $this->guard());
        $this->app->scoped(
            InspectionLibrary::class,
            fn (): InspectionLibrary => new InspectionLibrary(
                // This machine's memory, not the shared store: a laid-out list is large, never changes and can be made
                // anew.
                $this->app->make(Cache::class)->store('machine'),
                $this->app->make(ConnectionInterface::class),
                $this->settings()->string('pasada.build'),
            ),
        );
        $this->app->singleton(
            ListeningLibrary::class,
            fn (): ListeningLibrary => new ListeningLibrary(
                $this->app->make(Cache::class)->store('machine'),
                $this->app->basePath(),
            ),
        );
        $this->app->bind(Recognizer::class, function (): Recognizer {
            $seconds = $this->settings()->integer('pasada.recognizer_seconds');
            $own = $this->settings()->string('pasada.recognizer_command');

            return $own !== '' ? new ConfiguredCommand($own, $seconds) : new PocketSphinx(
                $this->app->make(Filesystem::class), $this->settings()->string('pasada.speech_model'), $seconds,
            );
        });
        $this->app->bind(SoundStore::class, fn (): SoundStore => new SoundStore(
            $this->app->make(Storage::class), $this->settings()->string('app.key'),
        ));
        $this->app->when(ForgetSound::class)->needs('$days')->giveConfig('pasada.sound_days');
        $this->app->bind(SpokenLanguage::class, fn (): SpokenLanguage => new SpokenLanguage(
            $this->app->make(Filesystem::class), $this->app->make(ListeningLibrary::class),
            $this->app->make(Coach::class), $this->app->storagePath('app/speech'),
            $this->app->basePath('catalogue/talk.txt'),
            $this->settings()->string('pasada.speech_model').'/cmudict-en-us.dict',
            $this->settings()->string('pasada.build'),
        ));
        $this->app->when(EndOldSessions::class)->needs('$longestHours')->giveConfig('pasada.longest_session_hours');
        $this->app->when([Documents::class, CatalogOfParts::class, ShippedDocuments::class])
            ->needs('$folder')
            ->give($this->app->basePath());
        $this->app->when(AfterAnswer::class)->needs('$server')->giveConfig('pasada.server');
        $this->app->bind(Room::class, fn (): Room => new Room(
            $this->app->storagePath(), $this->settings()->integer('pasada.least_free_mb'),
        ));
        $this->app->when(ReadRecording::class)->needs('$build')->giveConfig('pasada.build');
        $this->app->when(RecordFile::class)->needs('$version')->giveConfig('pasada.version');
        $this->app->when(ReadToday::class)->needs('$dueAfterDays')->giveConfig('pasada.due_after_days');
        $this->app->singleton(
            Phrasebook::class,
            fn (): Phrasebook => Phrasebook::read(
                (string) file_get_contents($this->app->basePath('catalogue/points.json')),
            ),
        );
        $this->app->singleton(
            Aliases::class,
            fn (): Aliases => Aliases::read((string) file_get_contents($this->app->basePath('catalogue/aliases.json'))),
        );
        $this->app->singleton(
            PasswordRule::class,
            fn (): PasswordRule => PasswordRule::read(
                (string) file_get_contents($this->app->basePath('catalogue/common-passwords.txt')),
            ),
        );
        $this->app->scoped(SchoolModels::class);
        $this->app->singleton(Coach::class);
    }

    public function boot(): void
    {
        // A lazy query or a missing column is a fault to be found in the tests; in a school it must not end a walk.
        Model::shouldBeStrict($this->settings()->string('app.env') !== 'production');
        // Named, since the framework looks for a file of each name that it guesses, on every request.
        Gate::policy(Attempt::class, AttemptPolicy::class);
        Gate::policy(Draft::class, DraftPolicy::class);
        Gate::policy(Student::class, StudentPolicy::class);
        Gate::policy(User::class, UserPolicy::class);
        Gate::policy(StoredChecklist::class, StoredDocumentPolicy::class);
        Gate::policy(StoredVehicle::class, StoredDocumentPolicy::class);
        TrustProxies::at(
            array_values(array_diff(explode(',', $this->settings()->string('pasada.trusted_proxies')), [''])),
        );
        $this->limitSignIn();
        $this->limitUsers();
    }

    private function limitSignIn(): void
    {
        $settings = $this->settings();
        $perAccount = $settings->integer('pasada.sign_in_tries_per_minute');
        $perAddress = $settings->integer('pasada.sign_in_tries_per_minute_and_address');
        // Only a refused sign-in counts: a class that shares a tablet signs in and out all day.
        $isRefused = static fn (Response $response): bool => $response->getStatusCode() === 422;
        RateLimiter::for('sign-in', function (Request $request) use ($perAccount, $perAddress, $isRefused): array {
            $email = $request->input('email');
            $email = is_string($email) ? trim($email) : '';
            // By the account that the database finds, which takes some different letters as the same.
            $id = $email === '' ? null : User::query()->where('email', $email)->value('id');
            $account = is_int($id) ? 'account:'.$id : 'nobody:'.hash('xxh128', mb_strtolower($email));
            if (is_int($id) && $this->app->make(KnownAddresses::class)->knows($id, (string) $request->ip())) {
                return [Limit::perMinute($perAccount)->by($account.':'.$request->ip())->after($isRefused)];
            }

            return [
                Limit::perMinute($perAccount)->by($account)->after($isRefused),
                Limit::perMinute($perAddress)->by('address:'.$request->ip())->after($isRefused),
            ];
        });
    }

    /** How often a user may ask for one thing; far above what a page does, far below what would keep others waiting. */
    private function limitUsers(): void
    {
        $limiters = [
            'user' => 'requests_per_minute',
            'heavy' => 'heavy_requests_per_minute',
            'files' => 'files_per_minute',
            'secret' => 'secrets_per_minute',
        ];
        foreach ($limiters as $name => $setting) {
            $most = $this->settings()->integer('pasada.'.$setting);
            RateLimiter::for($name, static function (Request $request) use ($name, $most): Limit {
                $user = $request->user();

                return Limit::perMinute($most)->by(
                    implode(':', [
                        $name,
                        $user instanceof User ? $user->id : 'nobody at '.$request->ip(),
                        $request->method(),
                        $name === 'secret' ? $request->route()->uri() : $request->path(),
                    ]),
                );
            });
        }
    }

    private function settings(): Settings
    {
        return $this->app->make(Settings::class);
    }

    private function guard(): StatefulGuard
    {
        $guard = $this->app->make(Auth::class)->guard('web');
        assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
