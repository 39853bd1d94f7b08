<div id="board-letter" class="board-letter">
    @if ($items = $page->checked()->letterItems())
        <h2>The letter, item by item</h2>
        <p>{{ count(array_filter($items, fn ($item) => $item->state === App\Letters\ItemState::Settled)) }} of {{ count($items) }} settled. Your answers go with the next hand-in.</p>
        <ol class="letter-items">
            @foreach ($items as $item)
                <li value="{{ $item->number }}" class="item-{{ $item->state->value }}">
                    @if ($item->now)<button type="button" class="letter-item" data-opens="{{ $item->key }}" data-subject-id="{{ $item->now->subject->id() }}" data-storey="{{ $item->now->subject->storey() ?? '' }}"><b>{{ $item->title }}</b>, {{ $item->subject }}</button>@else<span class="letter-item"><b>{{ $item->title }}</b>, {{ $item->subject }}</span>@endif
                    <span class="item-state">{{ Heurema\Language\Text::capital($item->state->words()) }}@if ($item->state === App\Letters\ItemState::Settled) <button type="button" class="btn btn-link btn-sm" data-settled-by="{{ route('board.settled-by', [$page->scheme, $item->number]) }}">by which edit?</button>@endif</span>
                    @if ($item->asked)<q>{{ $item->asked }}</q>@endif
                    <details @if ($item->answer !== '') open @endif>
                        <summary>{{ $item->answer === '' ? __('Answer it') : __('Your answer') }}</summary>
                        <form data-form="answer">
                            <input type="hidden" name="item" value="{{ $item->key }}">
                            <textarea class="form-control form-control-sm" id="answer-{{ $item->number }}" name="words" rows="2" maxlength="4000" aria-label="Answer to item {{ $item->number }}">{{ $item->answer }}</textarea>
                            <button class="btn btn-tool btn-sm">Keep</button>
                        </form>
                    </details>
                </li>
            @endforeach
        </ol>
    @endif
</div>
