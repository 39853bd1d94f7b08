@foreach ($page->inspector->fixture()->aboveBareFloor() as $room => $heights)
    <p class="evidence-subject">Above the bare floor of {{ $room }}: {{ implode(', ', array_map(static fn (string $name, string $height): string => Heurema\Language\Text::small($name).' '.$height, array_keys($heights), $heights)) }}.</p>
@endforeach
