<?php

declare(strict_types=1);

namespace App\Files;

/** An archive that is not as it was put together: says what is wrong with it. */
final class BrokenArchive extends \RuntimeException {}
