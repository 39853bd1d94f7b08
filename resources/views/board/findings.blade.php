<div class="finding-list" id="board-findings">
    @php($counts = $page->report()->counts())
    <p class="choices board-counts">
        @foreach (Heurema\Review\Verdict::cases() as $verdict)
            <span title="{{ ucfirst($verdict->words()) }}"><x-verdict :verdict="$verdict"/><span class="visually-hidden">{{ $verdict->words() }}</span> <b>{{ $counts[$verdict->value] }}</b></span>
        @endforeach
    </p>
    @if ($worst = $page->report()->worst())
        <p class="board-worst">Worst: <button type="button" data-choose="{{ $worst->subject->id() }}">{{ $worst->rule->title }}</button>, {{ $worst->subject->name() }}</p>
    @endif
    @if ($found = $page->findingsOfChosen())
            <details class="of-chosen">
                <summary>{{ $page->chosen->name() }}: {{ trans_choice('{1} asked one thing|[2,*] asked :count things', count($found)) }}, {{ count(array_filter($found, fn ($finding) => $finding->verdict()->isOpen())) ?: 'none' }} open</summary>
                <ul>@foreach ($found as $finding)<li><x-verdict :verdict="$finding->verdict()"/><span class="visually-hidden">{{ $finding->verdict()->words() }}:</span> {{ $finding->rule->title }}@if ($finding->measuredText()): {{ $finding->measuredText() }}@endif</li>@endforeach</ul>
            </details>
        @endif
    <ol class="rows" id="rows">
        @forelse ($page->findings() as $finding)
            <li data-finding="{{ $finding->fingerprint() }}" data-verdict="{{ $finding->verdict()->value }}"><button type="button" class="row-link" data-choose="{{ $finding->subject->id() }}" @if ($page->isOfChosen($finding)) aria-current="true" @endif>
                <x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>
                <span class="visually-hidden">{{ $finding->verdict()->words() }}:</span>
                <span class="row-title">{{ $finding->rule->title }}</span>
                <span class="row-subject">{{ $finding->subject->name() }}@if ($finding->measuredText()): {{ $finding->measuredText() }}, {{ $finding->verdict() === Heurema\Review\Verdict::Advised ? 'recommended' : 'required' }} {{ $finding->limitText() }}@endif</span>
                <span class="row-short">{{ $finding->shortBriefly() ? 'off by '.$finding->shortBriefly() : '' }}</span>
            </button></li>
        @empty
            <li class="rows-none">Nothing is open.</li>
        @endforelse
    </ol>
    @if ($notDrawn = $page->notDrawnYet())
        <details class="not-drawn">
            <summary>Not drawn yet: {{ trans_choice('{1} one thing|[2,*] :count things', count($notDrawn)) }} of the home as a whole</summary>
            <ul>@foreach ($notDrawn as $finding)<li><x-verdict :verdict="$finding->verdict()"/><span class="visually-hidden">{{ $finding->verdict()->words() }}:</span> {{ $finding->rule->title }}@if ($finding->measuredText()): {{ $finding->measuredText() }}@endif</li>@endforeach</ul>
        </details>
    @endif
</div>
