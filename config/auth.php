<?php

declare(strict_types=1);

// what a sign-in that fails takes at the least, in microseconds: longer than a password is hashed, so that the time does not tell whether
// there is such an account
return ['timebox_duration' => (int) env('AUTH_TIMEBOX', 600_000)];
