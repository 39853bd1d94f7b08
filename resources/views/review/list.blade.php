<div class="finding-list" id="finding-list" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <nav class="choices" aria-label="Which findings are listed">
        @foreach ($page->choices() as $show => $choice)
            <a href="{{ $page->address($page->chosen?->fingerprint(), null, $show) }}" @if ($show === $page->show) aria-current="true" @endif title="{{ $choice['label'] }}">
                @if ($choice['verdict'])<x-verdict :verdict="$choice['verdict']"/><span class="visually-hidden">{{ $choice['label'] }}</span>@else{{ $choice['label'] }}@endif
                <b>{{ $choice['count'] }}</b></a>
        @endforeach
    </nav>
    <div class="list-head">
        @if (count($page->heldAgainst()) > 1)
            <details class="book-choices">
                <summary>{{ $page->book === '' ? __('All books') : $page->heldAgainst()[$page->book]['title'] }}</summary>
                <nav aria-label="Of which book">
                    <a href="{{ $page->address($page->chosen?->fingerprint(), null, null, '') }}" @if ($page->book === '') aria-current="true" @endif>All books</a>
                    @foreach ($page->heldAgainst() as $id => $held)
                        <a href="{{ $page->address(null, null, null, $id) }}" @if ($id === $page->book) aria-current="true" @endif>{{ $held['title'] }} <b>{{ $held['open'] }}</b></a>
                    @endforeach
                </nav>
            </details>
        @endif
        <p class="list-keys">Press <kbd>?</kbd> for the keys.</p>
    </div>
    <ol class="rows" id="rows">
        @forelse ($page->listed as $finding)
            <li>
                <a class="row-link" href="{{ $page->address($finding->fingerprint()) }}" hx-get="{{ $page->address($finding->fingerprint()) }}" hx-target="#evidence" hx-swap="outerHTML" hx-push-url="true" data-finding="{{ $finding->fingerprint() }}" @if ($page->isChosen($finding)) aria-current="true" @endif>
                    <x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>
                    <span class="visually-hidden">{{ $finding->verdict()->words() }}:</span>
                    <span class="row-title" title="{{ $finding->rule->title }}">@if ($page->show === App\Pages\ReviewPage::LETTER){{ $page->item($finding)['number'] ?? '' }}. @endif{{ $finding->rule->title }}</span>
                    <span class="row-subject" title="{{ $finding->subject->name() }}">{{ $finding->subject->name() }}</span>
                    @php($kind = $page->rulings->kind($finding))
                    @if ($kind)<span class="row-ruling ruling-{{ $kind->value }}">{{ $kind->words() }}</span>@elseif ($page->rulings->for($finding)?->isOutdated && $finding->verdict()->isOpen())<span class="row-ruling ruling-again">changed, rule again</span>@endif
                    <span class="row-short">{{ $finding->missedBriefly() ? "{$finding->missedBriefly()} {$finding->missedWay()}" : '' }}</span>
                </a>
            </li>
        @empty
            <li class="rows-none">None.</li>
        @endforelse
        @if ($page->show === App\Pages\ReviewPage::LETTER)
            @foreach ($page->itemsWithoutFinding() as $item)
                <li class="rows-item"><b>Item {{ $item['number'] }}: {{ $item['title'] }}</b>, {{ $item['subject'] }}. {{ str_starts_with($item['key'], 'remark/') ? '' : __('What it was of is not drawn any more.') }} @if ($item['asked'])<q>{{ $item['asked'] }}</q>@endif {{ $item['answer'] === null ? __('No answer was given.') : __('Answer: :answer', ['answer' => $item['answer']]) }}</li>
            @endforeach
        @endif
    </ol>
</div>
