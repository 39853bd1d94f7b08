<h2>{{ $page->figure->name }}</h2>
<div class="elevations-scroll" tabindex="0" role="group" aria-label="{{ $page->figure->name }}">{!! $page->figure->svg() !!}</div>
@if ($page->figure->findings !== [])
    <h3>Violations seen in it</h3>
    <ol class="elevations-said">
        @foreach ($page->figure->findings as $finding)
            <li>{{ $finding->subject->name() }}: {{ $finding->rule->title }}@if ($finding->measuredText()), {{ $finding->measuredText() }}@endif @if ($finding->limitText())<span class="soft">({{ $finding->limitText() }})</span>@endif</li>
        @endforeach
    </ol>
@endif
<h3>Levels</h3>
<table class="elevations-levels">
    <thead><tr><th scope="col">Level</th><th scope="col">Height</th></tr></thead>
    <tbody>@foreach ($page->figure->levels() as [$name, $height])<tr><td>{{ $name }}</td><td>{{ $height }}</td></tr>@endforeach</tbody>
</table>
<p class="soft">Drawn in a usual size, for nobody said otherwise: {{ implode('; ', $page->figure->unknown()) }}.</p>
