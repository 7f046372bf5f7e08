<?php

declare(strict_types=1);

namespace Pasada\Core;

use Throwable;

/** Everything the core throws on purpose: bad data or a fault in the code, never a missed item or a failed attempt. */
interface CoreException extends Throwable {}
