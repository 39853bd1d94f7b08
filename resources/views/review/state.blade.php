<div class="review-state" id="review-state" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <span class="state state-{{ $page->revision->state->value }}">{{ Heurema\Language\Text::capital($page->revision->state->words()) }}</span>
    <a href="{{ route('review.letter', $page->revision) }}">Letter</a>
    <a href="{{ route('review.schedule', [$page->revision, 'rooms']) }}">Schedules</a>
    <a href="{{ route('compare', ['with' => [$page->revision->id]]) }}">Compare</a>
    <a href="{{ route('brief', $page->revision->scheme->project) }}">Brief</a>
    @can('update', $page->revision)
        @if ($page->revision->state->isOpen())
            <form method="post" action="{{ route('review.sign-off', $page->revision) }}">@csrf<button class="btn btn-sm btn-quiet">Sign off</button></form>
        @endif
    @endcan
    @if ($page->revision->state === App\Models\RevisionState::Returned)
        <form class="answer-form" method="post" action="{{ route('board.submit', $page->revision->scheme) }}">
            @csrf
            <input type="hidden" name="after" value="{{ $page->revision->id }}">
            <label for="answer">Answer to the letter</label>
            <textarea class="form-control form-control-sm" id="answer" name="answer" rows="2" maxlength="4000"></textarea>
            <button class="btn btn-sm btn-primary">Submit what is drawn as the next revision</button>
        </form>
    @endif
    @if ($page->differing > 0)<p class="decided-note">Shown as it was decided. {{ trans_choice('{1} By today’s rules one finding would come out otherwise.|[2,*] By today’s rules :count findings would come out otherwise.', $page->differing) }}</p>@endif
    @error('review')<p class="field-error" role="alert">{{ $message }}</p>@enderror
</div>
