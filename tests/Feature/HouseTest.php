<?php

declare(strict_types=1);

// The arrows of the application: requests > controllers > actions > core, and answers are made on the way back.

arch('actions know nothing of HTTP')->expect('App\Actions')->not->toUse(['App\Http', 'Illuminate\Http']);

arch('models know nothing of what is done with them')->expect('App\Models')->not->toUse(['App\Http', 'App\Actions']);

arch('the library decides no use case')->expect('App\Library')->not->toUse(['App\Http', 'App\Actions']);

arch('resources are made in the HTTP layer')->expect('App\Http\Resources')->toOnlyBeUsedIn(['App\Http']);
