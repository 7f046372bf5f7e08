<?php

declare(strict_types=1);

use App\Http\Middleware\CountRequest;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\NameRequest;
use App\Http\Middleware\RefuseMalformedJson;
use App\Http\Middleware\TryAgain;
use App\Http\Problem;
use App\Paper\ClassPapers;
use App\Sound\ForgetSound;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;
use Illuminate\View\Middleware\ShareErrorsFromSession;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/api.php',
        then: static fn () => require __DIR__.'/../routes/operations.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // A body is measured before anything reads it, signing in and checking its token included; then the framework
        // may trim it.
        $middleware->prepend([CountRequest::class, NameRequest::class, TryAgain::class]);
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prependToPriorityList(before: EncryptCookies::class, prepend: LimitBody::class);
        $middleware->appendToPriorityList(after: LimitBody::class, append: RefuseMalformedJson::class);
        // Same origin only, and the package behind it is missing here: see compat/README.md.
        $middleware->remove(HandleCors::class);
        // There are no pages of the server's to show errors on, so the view engine need not start.
        $middleware->web(remove: [ShareErrorsFromSession::class], replace: [StartSession::class => KeepSession::class]);
        // There is no sign-in page on the server to be sent to: the answer is 401 and the page shows its own.
        $middleware->redirectGuestsTo(static fn (): ?string => null);
    })
    ->withSchedule(static function (Schedule $schedule): void {
        $schedule->command('pasada:audit --note')->dailyAt('00:05')->onOneServer();
        $schedule->command('pasada:pack')->dailyAt('03:15')->onOneServer();
        $schedule->call(static fn (ForgetSound $sound) => $sound->old(Carbon::now()))
            ->name('forget sound')->hourly()->onOneServer();
        $schedule->call(static fn (ClassPapers $papers) => $papers->forgetOld(Carbon::now()))
            ->name('forget papers')->hourly()->onOneServer();
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (): bool => true);
        Problem::renderAll($exceptions);
    })
    ->create();

// Everything a running Pasada writes, its secrets included, stays below var/.
$app->useStoragePath($app->basePath('var/storage'));
$app->useEnvironmentPath($app->basePath('var'));

return $app;
