<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/** What became of one element of a file, and why. */
final readonly class Entry
{
    /** Words that stand within the names of types. */
    private const PARTS = 'element|storey|flight|terminal|appliance|fixture|device|heater|proxy|wall$';

    /** @param list<Message> $reasons */
    public function __construct(public Instance $element, public Outcome $outcome, public array $reasons) {}

    /** `IfcDoor`, as people know it. */
    public function type(): string
    {
        $word = strtolower((string) preg_replace('~^IFC|(STANDARD|ELEMENTED)CASE$~', '', $this->element->type));

        return 'Ifc'.ucfirst((string) preg_replace_callback(
            '~(?<=[a-z])('.self::PARTS.')~',
            static fn(array $found): string => ucfirst($found[1]),
            $word,
        ));
    }

    public function name(): string
    {
        return $this->element->text('LongName') ?? $this->element->text('Name') ?? "#{$this->element->id}";
    }
}
