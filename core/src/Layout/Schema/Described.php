<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

/** A part of the document that is read, written and carried as its keys say. */
interface Described extends Movable {}
