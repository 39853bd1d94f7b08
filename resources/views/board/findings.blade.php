<div class="finding-list" id="board-findings">
    @php($counts = $page->report()->counts())
    <p class="choices board-counts">
        @foreach (Heurema\Review\Verdict::cases() as $verdict)
            <span title="{{ Heurema\Language\Text::capital($verdict->words()) }}"><x-verdict :verdict="$verdict"/><span class="visually-hidden">{{ $verdict->words() }}</span> <b>{{ $counts[$verdict->value] }}</b></span>
        @endforeach
    </p>
    @if ($worst = $page->report()->worst())
        <p class="board-worst">Most serious: <button type="button" data-opens="{{ $worst->fingerprint() }}" data-subject-id="{{ $worst->subject->id() }}" data-storey="{{ $worst->subject->storey() ?? $worst->outcome->witness[0]->storey ?? '' }}">{{ $worst->rule->title }}</button>, {{ $worst->subject->name() }}</p>
    @endif
    @if ($found = $page->checked()->ofChosen())
            <details class="of-chosen">
                <summary>{{ $page->called($page->chosen) }}: {{ trans_choice('{1} one requirement|[2,*] :count requirements', count($found)) }}, {{ count(array_filter($found, fn ($finding) => $finding->verdict()->isOpen())) ?: __('none') }} open</summary>
                <ul>@foreach ($found as $finding)<li><x-verdict :verdict="$finding->verdict()"/><span class="visually-hidden">{{ $finding->verdict()->words() }}:</span> {{ $finding->rule->title }}@if ($finding->measuredText()): {{ $finding->measuredText() }}@endif</li>@endforeach</ul>
            </details>
        @endif
    <ol class="rows" id="rows">
        @forelse ($page->checked()->open() as $finding)
            <li data-finding="{{ $finding->fingerprint() }}" data-verdict="{{ $finding->verdict()->value }}">@include('board.finding')</li>
        @empty
            <li class="rows-none">Nothing is open.</li>
        @endforelse
    </ol>
    @if ($notDrawn = $page->checked()->notDrawnYet())
        <details class="not-drawn">
            <summary>Not drawn yet: {{ trans_choice('{1} one check|[2,*] :count checks', count($notDrawn)) }} of the home as a whole</summary>
            <ul class="rows">@foreach ($notDrawn as $finding)<li data-verdict="{{ $finding->verdict()->value }}">@include('board.finding')</li>@endforeach</ul>
        </details>
    @endif
</div>
