@if ($page->revision->statements->isNotEmpty())
    <ol class="remarks" id="stated" aria-label="Stated by reviewers" @if ($oob ?? false) hx-swap-oob="true" @endif>
        @foreach ($page->revision->statements as $statement)
            <li><b>{{ Heurema\Language\Text::capital(Heurema\Language\Text::word($statement->key)) }}</b> of {{ $page->called($statement->element) }}: {{ Heurema\Language\Text::word($statement->typed) }} <span class="book-source">stated by {{ $statement->user->name }}</span>
                @can('update', $page->revision)@if ($page->revision->state->isOpen())<form method="post" action="{{ route('review.statements.take-back', [$page->revision, $statement]) }}">@csrf @method('delete')<input type="hidden" name="finding" value="{{ $page->chosen?->fingerprint() }}"><button class="btn btn-link btn-sm">Take it back</button></form>@endif @endcan</li>
        @endforeach
    </ol>
@else
    <ol class="remarks" id="stated" hidden @if ($oob ?? false) hx-swap-oob="true" @endif></ol>
@endif
