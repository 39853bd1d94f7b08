<?php

declare(strict_types=1);

// tokens of the API alone: a browser's session opens no address of it; the prefix lets scanners find a token that was published
return ['guard' => [], 'stateful' => [], 'routes' => false, 'token_prefix' => 'heurema_'];
