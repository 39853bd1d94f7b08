<button type="button" class="row-link" data-opens="{{ $finding->fingerprint() }}" data-subject-id="{{ $finding->subject->id() }}" data-storey="{{ $finding->subject->storey() ?? $finding->outcome->witness[0]->storey ?? '' }}" aria-expanded="{{ $page->isOpened($finding) ? 'true' : 'false' }}" @if ($page->checked()->isOfChosen($finding)) aria-current="true" @endif>
    <x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>
    <span class="visually-hidden">{{ $finding->verdict()->words() }}:</span>
    <span class="row-title">{{ $finding->rule->title }}</span>
    <span class="row-subject">{{ $finding->subject->name() }}@if ($finding->measuredText()): {{ $finding->measuredText() }}, {{ $finding->verdict() === Heurema\Review\Verdict::Advised ? __('recommended') : __('required') }} {{ $finding->limitText() }}@endif</span>
    <span class="row-short">{{ $finding->missedBriefly() ? "{$finding->missedBriefly()} {$finding->missedWay()}" : '' }}</span>
</button>
@if ($page->isOpened($finding))
    <div class="row-evidence">
        <p class="clause">{{ $finding->rule->clause }}</p>
        @include('review.facts', ['missing' => 'board.missing'])
        @include('review.source')
    </div>
@endif
