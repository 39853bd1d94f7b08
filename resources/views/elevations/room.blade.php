@if ($page->room === null)
    <p>There is no room that walls close around yet.</p>
@else
    <h2>{{ $page->room->name() }}</h2>
    <p class="soft">Its walls as one sees them when one turns around in it to the right, from the one that lies highest on the plan. What stands before a wall is drawn with broken lines. {{ $page->floor() }}.</p>
    @if (($heights = $page->heights()) !== [])<h3>Heights that nearly agree</h3><ul class="elevations-said">@foreach ($heights as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
    @foreach ($page->walls as $number => $wall)
        <figure>
            <figcaption>{{ $page->name($number) }}</figcaption>
            <div class="elevations-scroll" tabindex="0" role="group" aria-label="{{ $page->name($number) }}">{!! $page->draw($number) !!}</div>
            @if (($findings = $page->findings($number)) !== [])<ol class="elevations-said">@foreach ($findings as $finding)<li>{{ $finding->subject->name() }}: {{ $finding->rule->title }}@if ($finding->measuredText()), {{ $finding->measuredText() }}@endif @if ($finding->limitText())<span class="soft">({{ $finding->limitText() }})</span>@endif</li>@endforeach</ol>@endif
            @if (($crossings = $page->crossings($number)) !== [])<ul class="elevations-said">@foreach ($crossings as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
            @if ($page->missing($number))<p class="soft">{{ $page->missing($number) }}</p>@endif
        </figure>
    @endforeach
@endif
