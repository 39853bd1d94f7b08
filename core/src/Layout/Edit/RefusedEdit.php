<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

/** An edit that cannot be made on this layout: says why; the layout stays as it was. */
final class RefusedEdit extends \RuntimeException {}
